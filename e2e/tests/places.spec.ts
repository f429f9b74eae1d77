import { expect } from '@playwright/test';
import {
  add,
  demo,
  expectAccessible,
  newWidget,
  openWidget,
  row,
  saved,
  signIn,
  stage,
  studio,
} from './helpers.ts';
import { test } from '../studio-test.ts';

test.beforeEach(({ page }) => signIn(page));

test('anything is found by its name, by keys alone', async ({ page }) => {
  await page.goto(`${studio}/people`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  const find = page.getByRole('combobox', {
    name: 'Find a widget, a person, a submission, a place or a command',
  });
  await expect(find).toBeFocused();
  await expectAccessible(page);
  await page.keyboard.type('sky let');
  const found = page.getByRole('dialog', { name: 'Find anything' });
  await expect(found.getByRole('option', { selected: true })).toContainText('Sky letter');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('treeitem', { name: 'Sky letter', exact: true })).toBeVisible();

  await page.keyboard.press('Control+k');
  await page.keyboard.type('preview on phone');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Stage width in px')).toHaveValue('390');

  await page.keyboard.press('Control+k');
  await page.keyboard.type('ada');
  await expect(page.getByRole('option', { name: /^Ada .*Person$/ }).first()).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('brand');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Brand', level: 1 })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toContainText('Ctrl K');
  await expectAccessible(page);
});

test('the dark theme is free of serious faults everywhere, and stays', async ({ page }) => {
  await page.goto(`${studio}/site`);
  await page.getByRole('button', { name: 'Demo designer', exact: true }).click();
  await page.getByRole('menuitemradio', { name: 'Dark' }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('html')).toHaveClass(/dark/);
  for (const place of ['widgets', 'starters', 'brand', 'people', 'site', 'post']) {
    await page.goto(`${studio}/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForLoadState('networkidle');
    await expect(page.locator('html')).toHaveClass(/dark/);
    await expectAccessible(page);
  }
  await openWidget(page, 'Members’ circle');
  await expect(stage(page).getByRole('heading', { name: 'Join the members’ circle' })).toBeVisible();
  await expectAccessible(page);
});

test('at 200 % zoom nothing of a place lies beside the window', async ({ page }) => {
  // What a window of 1280 × 800 px has room for at 200 %.
  await page.setViewportSize({ width: 640, height: 400 });
  for (const place of ['widgets', 'starters', 'brand', 'people', 'site', 'post', 'account', 'start']) {
    await page.goto(`${studio}/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const beside = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    await expect.poll(beside, place).toBeLessThanOrEqual(0);
    for (const name of ['Find (Ctrl K)', 'Demo designer'])
      await expect(page.getByRole('button', { name, exact: true })).toBeInViewport();
  }
});

test('the hour on the stage is set without touching the countdown', async ({ page }) => {
  await openWidget(page, 'Meteor night');
  await expect(stage(page).getByText('The falling stars of December, in')).toBeVisible();
  const figures = stage(page).locator('[data-unit]');
  await page.getByRole('button', { name: 'Preview', exact: true }).click();
  await page.getByRole('button', { name: 'Under 24 h' }).click();
  await expect(figures.first()).toHaveText(/^0[01]$/);
  await page.getByRole('button', { name: '10 s before' }).click();
  await expect(figures.nth(2)).toHaveText('00');
  await expect(stage(page).getByText('They are falling.')).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('a page of the site is fetched for the stage; others are refused', async ({ page }) => {
  await openWidget(page, 'Sky letter');
  await page.getByRole('button', { name: 'Add a page of the site' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add a page to the stage' });
  await dialog.getByLabel('URL').fill('https://elsewhere.example/');
  await dialog.getByRole('button', { name: 'Fetch page' }).click();
  await expect(dialog.getByRole('alert')).toContainText('not on the site');
  await dialog.getByLabel('URL').fill(`${demo}/nowhere/`);
  await dialog.getByRole('button', { name: 'Fetch page' }).click();
  await expect(dialog.getByRole('alert')).toContainText('answered 404');
  await dialog.getByLabel('URL').fill('donate/');
  await dialog.getByRole('button', { name: 'Fetch page' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(stage(page).getByRole('heading', { name: 'A motor for the dome' })).toBeVisible();
});

test('an element is drawn larger by its handle, and shows its distances', async ({ page }) => {
  await newWidget(page, 'Measured');
  await add(page, 'Icon');
  const icon = stage(page).locator('.t-icon');
  await expect(icon).toHaveCSS('width', '48px');
  const handle = page.locator('[data-handle=width]');
  const box = await handle.boundingBox();
  if (!box) throw new Error('There is no handle');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y + box.height / 2, { steps: 6 });
  await expect(page.locator('[data-distance]').first()).toBeVisible();
  await page.mouse.up();
  await expect(page.locator('[data-distance]')).toHaveCount(0);
  const width = parseFloat(await icon.evaluate((node) => getComputedStyle(node).width));
  expect(width).toBeGreaterThan(60);
  expect(width % 4).toBe(0);
  await page.keyboard.down('Alt');
  await expect(page.locator('[data-distance]').first()).toBeVisible();
  await page.keyboard.up('Alt');
  await page.keyboard.press('Control+z');
  await expect(icon).toHaveCSS('width', '48px');
});

test('own CSS is checked while it is typed, and reaches the stage', async ({ page }) => {
  await newWidget(page, 'Styled');
  await add(page, 'Button');
  await row(page, 'Styled').click();
  await page.getByRole('region', { name: 'Inspector' }).getByRole('button', { name: 'Custom CSS' }).click();
  const code = page.getByRole('textbox', { name: 'Custom CSS' });
  await code.click();
  await page.keyboard.insertText('.r-button{letter-spacing:3px;colour:red}.nothing{color:red}');
  const problems = page.getByRole('status', { name: 'CSS problems' });
  await expect(problems).toContainText('colour is not a property');
  await expect(problems).toContainText('.nothing reaches nothing in this widget');
  await expect(stage(page).getByText('Learn more')).toHaveCSS('letter-spacing', '3px');
});

test('Check finds what only a drawn widget tells, and mends it', async ({ page }) => {
  await newWidget(page, 'Checked');
  await add(page, 'Heading');
  await add(page, 'Image');
  await add(page, 'E-mail field');
  await add(page, 'Button');
  const check = page.getByRole('button', { name: /^Check \d+$/ });
  await check.click();
  const list = page.getByRole('dialog', { name: 'Check' }).getByRole('listitem');
  await expect(list.filter({ hasText: 'An image is not chosen yet' })).toBeVisible();
  await expect(list.filter({ hasText: 'a second primary button' })).toBeVisible();
  await list
    .filter({ hasText: 'no privacy notice' })
    .getByRole('button', { name: 'Add a legal notice' })
    .click();
  await expect(stage(page).getByText('We use your details for this only')).toBeVisible();
  await list
    .filter({ hasText: 'a second primary button' })
    .getByRole('button', { name: 'Make it secondary' })
    .click();
  await expect(list.filter({ hasText: 'a second primary button' })).toHaveCount(0);
  await list.filter({ hasText: 'An image is not chosen' }).getByRole('button', { name: 'Remove it' }).click();
  await expect(list.filter({ hasText: 'An image is not chosen' })).toHaveCount(0);
});

test('what is too small to tap is told once it is drawn; what is there for programs alone is not', async ({
  page,
}) => {
  await newWidget(page, 'Small');
  await add(page, 'E-mail field');
  await add(page, 'Icon');
  await saved(page);
  const address = `${studio}/api/widgets/${new URL(page.url()).pathname.split('/').at(-1)}`;
  const { document, draftVersion } = (await (await page.request.get(address)).json()) as {
    document: { elements: Record<string, { type: string }> };
    draftVersion: number;
  };
  const [id, icon] = Object.entries(document.elements).find(([, { type }]) => type === 'icon') ?? [''];
  const tiny = { box: { base: { width: 12, padding: 0 } }, mark: { base: { width: 12 } } };
  const elements = { ...document.elements, [id]: { ...icon, link: '/shop/', title: 'Star', style: tiny } };
  const put = await page.request.put(`${address}/draft`, {
    headers: { origin: studio },
    data: { base: draftVersion, document: { ...document, elements } },
  });
  expect(put.status()).toBe(200);
  await page.reload();
  await page.getByRole('button', { name: /^Check \d+$/ }).click();
  const list = page.getByRole('dialog', { name: 'Check' }).getByRole('listitem');
  await expect(list.filter({ hasText: 'too small to tap' })).toHaveText([/^Star: /]);
});
