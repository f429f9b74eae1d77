// A restless designer: adds elements to new widgets and turns, types, picks and resets whatever the inspector offers;
// then looks whether the editor still stands, still saves, and shows after leaving what it showed before.
import { errorsOf, labelOf, randomBy, values } from './hand.mjs';

const stepsInOneWidget = 60;
const untouched = /delete|remove|shelf|save as|copy|choose|upload/i;

/** @returns how much was done, and each fault with the steps that led to it */
export async function designer(page, studio, { seed, until }) {
  const { random, pick } = randomBy(seed);
  const errors = errorsOf(page);
  const faults = [];
  let steps = [];
  let actions = 0;
  let widgets = 0;

  const inspector = page.getByRole('region', { name: 'Inspector' });
  const tree = page.getByRole('tree', { name: 'Elements' });
  const seen = (locator) => locator.isVisible().catch(() => false);
  /** Whether the editor is there. A dialog that opened late hides it from assistive technology, until Esc closes it. */
  const stands = async () => {
    for (let tries = 0; tries < 4; tries++) {
      if ((await seen(inspector)) && (await seen(tree))) return true;
      await page.keyboard.press('Escape');
      await page.waitForTimeout(300);
    }
    return false;
  };
  const status = async () => {
    const texts = await page
      .getByRole('status')
      .allTextContents()
      .catch(() => []);
    return (
      texts.map((text) => text.trim()).find((text) => /sav|elsewhere/i.test(text)) ?? 'nothing about saving'
    );
  };
  const fault = (what) => {
    faults.push(`${what}, after ${steps.slice(-6).join(' → ')}`);
    return false;
  };

  async function fresh() {
    widgets++;
    steps = [];
    errors.length = 0;
    await page.goto(`${studio}/widgets`);
    await page.getByRole('button', { name: 'New widget' }).first().click();
    const dialog = page.getByRole('dialog');
    // A dialog that opens late on a busy machine is no fault of the editor.
    await dialog.getByLabel('Name').fill(`Restless ${seed} ${widgets}`, { timeout: 20_000 });
    await dialog.getByRole('button', { name: 'Create' }).click();
    await tree.waitFor({ timeout: 10_000 });
  }

  async function isSound() {
    if (errors.length > 0) return fault(errors.splice(0).join('; '));
    if (!(await stands())) return fault('the editor is gone');
    for (let wait = 0; wait < 25; wait++) {
      const text = await status();
      if (/not saved|elsewhere/i.test(text)) return fault(`the status reads "${text.slice(0, 160)}"`);
      if (/^saved/i.test(text)) return true;
      await page.waitForTimeout(200);
    }
    return fault(`still not saved after 5 s: "${(await status()).slice(0, 120)}"`);
  }

  async function add() {
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    const entries = page.getByRole('menuitem');
    await entries.first().waitFor();
    const wanted = pick((await entries.allTextContents()).map((text) => text.trim()).filter(Boolean));
    await page.getByRole('menuitem', { name: wanted, exact: true }).first().click();
    steps.push(`add ${wanted}`);
  }

  async function unfold() {
    const closed = inspector.locator('button[aria-expanded="false"]');
    for (let left = Math.min(await closed.count(), 14); left > 0; left--)
      await closed
        .nth(Math.floor(random() * left))
        .click({ timeout: 800 })
        .catch(() => {});
    await page.keyboard.press('Escape');
  }

  async function turn() {
    const controls = inspector.locator(
      'input:not([type="file"]), select, textarea, button:not([aria-haspopup="dialog"])',
    );
    const count = await controls.count();
    if (count === 0) return;
    const control = controls.nth(Math.floor(random() * count));
    const { tag, type } = await control
      .evaluate((node) => ({ tag: node.tagName, type: node.getAttribute('type') ?? '' }))
      .catch(() => ({ tag: '', type: '' }));
    const label = await labelOf(control);
    if (untouched.test(label) && random() < 0.9) return;
    actions++;
    if (tag === 'SELECT') {
      const options = await control
        .locator('option:not([disabled])')
        .evaluateAll((nodes) => nodes.map((node) => node.value));
      const value = pick(options);
      if (value !== undefined) await control.selectOption(value).catch(() => {});
      steps.push(`${label} = ${value}`);
    } else if (type === 'checkbox' || type === 'radio') {
      await control.evaluate((node) => node.click()).catch(() => {});
      steps.push(`switch ${label}`);
    } else if (type === 'range') {
      await control.focus().catch(() => {});
      for (let press = 0; press < 3; press++)
        await page.keyboard.press(pick(['ArrowRight', 'ArrowLeft', 'Home', 'End', 'PageUp']));
      steps.push(`slide ${label}`);
    } else if (tag === 'INPUT' || tag === 'TEXTAREA') {
      const value = pick(values);
      await control.fill(value, { timeout: 1200 }).catch(() => {});
      await page.keyboard.press('Tab');
      steps.push(`${label} = "${value.slice(0, 20)}"`);
    } else {
      await control.click({ timeout: 1200 }).catch(() => {});
      steps.push(`press ${label}`);
      await page.keyboard.press('Escape');
    }
  }

  const outline = async () =>
    (await tree.getByRole('treeitem').allTextContents()).map((text) => text.trim()).join(' | ');

  async function isKept() {
    const before = await outline();
    // By its address: what it is called may have been typed over.
    const { pathname } = new URL(page.url());
    await page.getByRole('link', { name: 'Back to widgets' }).click();
    await page.locator(`a[href="${pathname}"]`).first().click();
    await tree.waitFor({ timeout: 10_000 });
    await page.waitForTimeout(600);
    steps.push('leave and open again');
    const after = await outline();
    return after === before || fault(`opened again, the outline reads "${after}" instead of "${before}"`);
  }

  await fresh();
  while (Date.now() < until) {
    try {
      if (steps.length > stepsInOneWidget) await fresh();
      await add();
      let well = await isSound();
      if (well) await unfold();
      for (let round = 0; round < 10 && well && Date.now() < until; round++) {
        await turn();
        if (round % 2 === 1) well = await isSound();
        if (well && random() < 0.05) {
          await page.keyboard.press('Control+z');
          steps.push('undo');
        }
      }
      if (well) well = (await isSound()) && (random() >= 0.25 || ((await isKept()) && (await isSound())));
      if (!well) await fresh();
    } catch (error) {
      steps.push(`(lost: ${error.message.split('\n')[0].slice(0, 80)})`);
      if (!(await stands())) fault('the editor is gone');
      await fresh();
    }
  }
  return { done: `${actions} controls turned in ${widgets} widgets`, faults };
}
