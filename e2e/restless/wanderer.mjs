// A restless visitor of every place of the studio: presses, types and picks there, in dialogs and menus too, and looks
// whether anything is thrown, the server fails, or the screen goes blank.
import { errorsOf, labelOf, randomBy, values } from './hand.mjs';

const controlsIn = [
  'button:visible',
  'a:visible',
  'input:visible:not([type="file"])',
  'select:visible',
  'textarea:visible',
  '[role="tab"]:visible',
  '[role="menuitem"]:visible',
  '[role="row"]:visible',
].join(', ');
const open = '[role="dialog"]:visible, [role="alertdialog"]:visible, [role="menu"]:visible';
// What would end the walk, or take the ground from under it.
const untouched = /sign out|delete|erase|end session|leave|archive/i;

/** @returns how much was done, and each fault with the steps that led to it */
export async function wanderer(page, studio, { seed, until }) {
  const { random, pick } = randomBy(seed);
  const errors = errorsOf(page);
  const faults = [];
  let steps = [];
  let actions = 0;
  const fault = (what) => faults.push(`${what}, after ${steps.slice(-6).join(' → ')}`);

  async function act(control) {
    const label = await labelOf(control);
    if (untouched.test(label)) return;
    const tag = await control.evaluate((node) => node.tagName).catch(() => '');
    if (tag === 'SELECT')
      await control
        .selectOption({ index: Math.floor(random() * (await control.locator('option').count())) })
        .catch(() => {});
    else if (tag === 'INPUT' || tag === 'TEXTAREA')
      await control
        .fill(pick(values), { timeout: 1000 })
        .catch(() => control.click({ timeout: 500, force: true }).catch(() => {}));
    else await control.click({ timeout: 1200 }).catch(() => {});
    steps.push(`${tag.toLowerCase()} ${label}`);
    actions++;
  }

  async function wander() {
    const places = page.getByRole('navigation').first().getByRole('link');
    if ((await places.count()) === 0) await page.goto(studio);
    const place = places.nth(Math.floor(random() * (await places.count())));
    steps = [`go to ${(await place.textContent())?.trim()}`];
    await place.click();
    for (let round = 0; round < 12; round++) {
      const above = page.locator(open).last();
      const scope = (await above.isVisible().catch(() => false)) ? above : page.locator('main');
      const controls = scope.locator(controlsIn);
      const count = await controls.count();
      if (count === 0) {
        await page.keyboard.press('Escape');
        continue;
      }
      await act(controls.nth(Math.floor(random() * count)));
      if (random() < 0.15) await page.keyboard.press('Escape');
      await page.waitForTimeout(150);
      if (!page.url().startsWith(studio)) return page.goto(studio);
      if (errors.length > 0) return fault(errors.splice(0).join('; '));
      const text = await page
        .locator('body')
        .innerText()
        .catch(() => '');
      if (text.trim().length < 40) return fault('the screen is blank');
    }
  }

  while (Date.now() < until) {
    await wander().catch((error) => steps.push(error.message.split('\n')[0].slice(0, 80)));
    await page.keyboard.press('Escape').catch(() => {});
    const isLost =
      (await page
        .getByRole('navigation')
        .count()
        .catch(() => 0)) === 0;
    if (isLost || faults.length > 0) {
      await page.goto(`${studio}/widgets`).catch(() => {});
      await page.waitForTimeout(800);
      errors.length = 0;
    }
  }
  return { done: `${actions} things done in the studio`, faults };
}
