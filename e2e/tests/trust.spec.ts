import { expect, type Page } from '@playwright/test';
import { add, chooseWidget, newWidget, row, saved, signIn, stage } from './helpers.ts';
import { test } from '../studio-test.ts';

const inspector = (page: Page) => page.getByLabel('Inspector', { exact: true });

/** Opens what stands folded in the inspector. */
async function unfold(page: Page, name: string): Promise<void> {
  const section = inspector(page).getByRole('button', { name, exact: false }).first();
  if ((await section.getAttribute('aria-expanded')) === 'false') await section.click();
}

test('every toggle of a button and a field can be switched off and on, and the widget is still saved', async ({
  page,
}) => {
  await signIn(page);
  await newWidget(page, 'All toggles off');
  for (const kind of ['Button', 'Link strip', 'Basket']) {
    await add(page, kind);
    for (const folded of await inspector(page).locator('button[aria-expanded="false"]').all())
      await folded.click({ timeout: 1000 }).catch(() => {});
    await page.keyboard.press('Escape');
    const switches = inspector(page).locator('input[type=checkbox]');
    await expect(switches.first()).toBeAttached();
    for (let at = 0; at < (await switches.count()); at++)
      for (const _ of ['off', 'on'])
        await switches.nth(at).evaluate((node: HTMLInputElement) => node.click());
    await saved(page);
  }
});

test.setTimeout(60_000);

test('what can’t be used is said in the field, nothing changes, and the rest is saved', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Nonsense is refused');
  await add(page, 'Link strip');
  const address = () => inspector(page).getByLabel('Link URL').first();
  const before = await address().inputValue();
  await address().fill('javascript:alert(1)');
  await expect(inspector(page).getByRole('alert')).toContainText('Not applied');
  await expect(page.getByRole('banner').getByRole('alert')).toContainText('Not changed');
  await saved(page);
  await page.reload();
  await page.getByRole('treeitem').last().click();
  await expect(address()).toHaveValue(before);
});

test('resetting the only value of its own leaves the widget as it was', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Reset and go on');
  await unfold(page, 'Surface');
  const radius = inspector(page).getByLabel('Corner radius', { exact: true }).first();
  await radius.fill('30');
  await saved(page);
  await inspector(page)
    .getByRole('button', { name: /^Corner radius is set here/ })
    .first()
    .click();
  await saved(page);
  await expect(page.getByRole('tree', { name: 'Elements' })).toBeVisible();
  await expect(inspector(page)).toBeVisible();
  await add(page, 'Heading');
  await expect(page.getByRole('treeitem')).toHaveCount(2);
  await saved(page);
});

test('opened again at once, the editor shows what was edited last', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Open again');
  for (const round of [1, 2, 3]) {
    await add(page, 'Badge');
    // Left before the save is even sent.
    await page.getByRole('link', { name: 'Back to widgets' }).click();
    await chooseWidget(page, 'Open again');
    await expect(row(page, /New|Badge/)).toHaveCount(round);
    await expect(stage(page).locator('.t-badge')).toHaveCount(round);
  }
  await add(page, 'Badge');
  await saved(page);
});

const away = (page: Page) => page.route('**/draft', (route) => route.abort());

test('what is edited while the server is away is there again, and saved once it is back', async ({
  page,
}) => {
  await signIn(page);
  await newWidget(page, 'Server away');
  await saved(page);
  await away(page);
  await add(page, 'Badge');
  await expect(page.getByRole('banner').getByRole('status')).toContainText('Not saved');
  await page.getByRole('link', { name: 'Back to widgets' }).click();
  await chooseWidget(page, 'Server away');
  await expect(row(page, /New|Badge/)).toHaveCount(1);
  await page.unroute('**/draft');
  await saved(page);
  await page.reload();
  await expect(row(page, /New|Badge/)).toHaveCount(1);
});

test('the server going away leaves the editor as it is, and opening without it says so', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Whole server away');
  // The list that is held is what one goes back to.
  await page.getByRole('link', { name: 'Back to widgets' }).click();
  await chooseWidget(page, 'Whole server away');
  await saved(page);
  await page.route('**/api/**', (route) => route.abort());
  // As when one comes back to the tab: all that was asked of the server is asked again.
  await expect(async () => {
    const asked = page.waitForEvent('requestfailed', {
      predicate: (request) => request.url().endsWith('/api/session'),
      timeout: 500,
    });
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
    await asked;
  }).toPass();
  await add(page, 'Badge');
  await expect(row(page, /New|Badge/)).toHaveCount(1);
  await page.getByRole('link', { name: 'Back to widgets' }).click();
  await chooseWidget(page, 'Members’ door');
  await expect(page.getByRole('alert')).toContainText('can’t be reached');
  await expect(page.getByRole('link', { name: 'Back to widgets' })).toBeVisible();
  // The server is back, and answers once the button was pressed: the studio asks by itself too, and would take the button away.
  let press = () => {};
  const pressed = new Promise<void>((settle) => (press = settle));
  await page.route('**/api/**', async (route) => {
    await pressed;
    await route.continue();
  });
  await page.getByRole('button', { name: 'Try again' }).click();
  press();
  await expect(page.getByRole('tree', { name: 'Elements' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to widgets' }).click();
  await chooseWidget(page, 'Whole server away');
  await expect(row(page, /New|Badge/)).toHaveCount(1);
});

test('what a closed tab could not save is sent the next time the studio is opened', async ({
  page,
  context,
}) => {
  await signIn(page);
  await newWidget(page, 'Closed tab');
  await saved(page);
  const address = page.url();
  await away(page);
  await add(page, 'Badge');
  await expect(page.getByRole('banner').getByRole('status')).toContainText('Not saved');
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  const sent = next.waitForResponse((response) => /draft$/.test(response.url()) && response.status() === 200);
  await next.goto(new URL('/widgets', address).href);
  await sent;
  await next.goto(address);
  await expect(row(next, /New|Badge/)).toHaveCount(1);
});

test('two tabs: both states side by side, and my changes are made upon what the other saved', async ({
  page,
  context,
}) => {
  await signIn(page);
  await newWidget(page, 'Two tabs');
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await add(other, 'Divider');
  await saved(other);
  await add(page, 'Badge');
  const dialog = page.getByRole('alertdialog', { name: 'Saved elsewhere' });
  await expect(dialog).toContainText('Your version');
  await dialog.getByRole('button', { name: 'Apply my changes to it' }).click();
  await saved(page);
  await page.reload();
  await expect(row(page, /New|Badge/)).toHaveCount(1);
  await expect(row(page, /Divider|Line/)).toHaveCount(1);
});

test('a brand that was changed and not saved is there again after leaving, until it is saved or discarded', async ({
  page,
}) => {
  await signIn(page, 'brand');
  const save = page.getByRole('button', { name: 'Save for site …' });
  await expect(save).toBeDisabled();
  await page.getByRole('tab', { name: 'Shape' }).click();
  const radius = page.getByRole('tabpanel', { name: 'Shape' }).getByRole('textbox').first();
  const before = await radius.inputValue();
  await radius.fill(String(Number(before) + 3));
  await expect(save).toBeEnabled();
  await page.getByRole('link', { name: 'Widgets', exact: true }).first().click();
  await page.getByRole('link', { name: 'Brand', exact: true }).first().click();
  await expect(page.getByText('Your unsaved changes have been restored.')).toBeVisible();
  await expect(save).toBeEnabled();
  await page.getByRole('button', { name: 'Discard them' }).click();
  await expect(save).toBeDisabled();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Brand', level: 1 })).toBeVisible();
  await expect(page.getByText('Your unsaved changes')).toHaveCount(0);
});
