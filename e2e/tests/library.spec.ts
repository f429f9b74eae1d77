import { Buffer } from 'node:buffer';
import { expect, type Page } from '@playwright/test';
import {
  add,
  expectAccessible,
  find,
  newWidget,
  row,
  saved,
  signIn,
  stage,
  studio,
  inspector,
} from './helpers.ts';
import { test } from '../studio-test.ts';

const menuOf = async (page: Page, widget: string, item: string | RegExp) => {
  await find(page, widget);
  await page.getByRole('button', { name: `Actions for ${widget}`, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
};
const elements = (page: Page) => page.getByRole('tree', { name: 'Elements' }).getByRole('treeitem');

test('a starter is found by purpose, kind, place and words, and begun with', async ({ page }) => {
  await signIn(page, 'widgets');
  await page.getByRole('link', { name: 'Starters' }).click();
  const count = page.getByRole('status');
  await expect(count).toHaveText(/^(2[4-9]|[3-9]\d) starters$/);
  await expect(page.getByRole('listitem').first().locator('.box')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Purpose').selectOption({ label: 'Sell' });
  await page.getByRole('combobox', { name: 'Placement' }).selectOption({ label: 'Side panel' });
  await expect(count).toHaveText('1 starter');
  await page.getByLabel('Page').selectOption({ label: 'On /tonight/' });
  const onPage = page.getByRole('listitem').first().frameLocator('iframe');
  await expect(onPage.getByRole('heading', { name: 'Tonight’s sky' })).toBeVisible();
  await expect(onPage.getByRole('heading', { name: 'Your basket' })).toBeVisible();
  await page.getByLabel('Page').selectOption({ label: 'On no page' });
  await page.getByLabel('Search starters').fill('nothing like it');
  await expect(page.getByText('No starters found.')).toBeVisible();
  await page.getByLabel('Search starters').fill('panel');
  await page.getByRole('button', { name: 'Basket side panel' }).click();
  const dialog = page.getByRole('dialog', { name: 'Basket side panel' });
  await expect(dialog.getByText('Empty', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Winter basket');
  await dialog.getByRole('button', { name: 'Use starter' }).click();
  await expect(row(page, 'Winter basket')).toBeVisible();
  await expect(stage(page).getByRole('heading', { name: 'Your basket' })).toBeVisible();

  // Its scenes, and as much in it as one likes.
  const lines = stage(page).locator('[data-basket] li');
  await expect(lines).toHaveCount(2);
  await page.getByRole('button', { name: 'Preview', exact: true }).click();
  await page.getByRole('slider', { name: 'Basket' }).fill('9');
  await expect(lines).toHaveCount(9);
  await page.getByRole('group', { name: 'Scenes' }).getByRole('button', { name: 'Empty' }).click();
  await expect(stage(page).getByText('Your basket is empty.')).toBeVisible();
});

test('a widget is kept as a starter, and taken off again', async ({ page }) => {
  await signIn(page, 'widgets');
  await menuOf(page, 'Sky letter', 'Save as starter');
  await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Say in one sentence what it is for')).toBeVisible();
  await page.getByLabel('Description').fill('Asks readers of the journal for their address.');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('link', { name: 'Starters' }).click();
  await page.getByLabel('Search starters').fill('readers of the journal');
  await page.getByRole('button', { name: 'Sky letter' }).click();
  await page.getByRole('button', { name: 'Remove starter' }).click();
  await expect(page.getByText('No starters found.')).toBeVisible();
});

test('a duplicate opens with what is worth checking in it', async ({ page }) => {
  await signIn(page, 'widgets');
  await menuOf(page, 'Sky letter', 'Duplicate');
  await page.getByRole('dialog').getByRole('button', { name: 'Duplicate' }).click();
  const review = page.getByRole('dialog', { name: 'A copy of Sky letter' });
  await expect(review.getByLabel('Copy name')).toHaveValue('Sky letter (copy)');
  await expect(review.getByText('desk@larkmoor.example')).toBeVisible();
  await expect(review.getByText('/journal/*')).toBeVisible();
  await expectAccessible(page);
  await review.getByLabel('Copy name').fill('Shop letter');
  await review
    .getByRole('listitem')
    .filter({ hasText: 'Notification' })
    .getByRole('button', { name: 'Change' })
    .click();
  await expect(review).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Afterwards', pressed: true })).toBeVisible();
  await expect(row(page, 'Shop letter')).toBeVisible();
  await saved(page);
  // Other tests go by the demo's widgets alone: a second letter would stand in the way of the first.
  await page.goto(`${studio}/widgets`);
  await menuOf(page, 'Shop letter', 'Delete');
  await expect(page.getByRole('link', { name: 'Shop letter', exact: true })).toHaveCount(0);
});

test('on another site a copy says what its brand does not have', async ({ page }) => {
  await signIn(page, 'widgets');
  await menuOf(page, 'Circle plans', 'Duplicate');
  await page.getByRole('dialog').getByLabel('Site').selectOption({ label: 'Wend & Weft' });
  await page.getByRole('dialog').getByRole('button', { name: 'Duplicate' }).click();
  const review = page.getByRole('dialog', { name: 'A copy of Circle plans' });
  await expect(
    review.getByRole('listitem').filter({ hasText: 'Tokens this brand does not have' }),
  ).toContainText('color.lamp');
});

test('a widget goes out as JSON and HTML and comes in again; what can’t come in says why', async ({
  page,
}) => {
  await signIn(page, 'widgets');
  const download = page.waitForEvent('download');
  await menuOf(page, 'Members’ circle', 'Save as JSON');
  const json = (await (await (await download).createReadStream()).toArray()).join('');
  const html = page.waitForEvent('download');
  await menuOf(page, 'Members’ circle', 'Save as one HTML file');
  const file = (await (await (await html).createReadStream()).toArray()).join('');
  expect(file).toContain('Join the members’ circle');
  expect(file).not.toMatch(/src="http|url\("http/);

  await page.getByRole('button', { name: 'Import' }).click();
  const dialog = page.getByRole('dialog', { name: 'Import a widget' });
  const take = (text: string) =>
    dialog
      .getByLabel('Widget as JSON')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await take('not json');
  await expect(dialog.getByRole('alert')).toContainText('x.json is not JSON');
  await take(
    json
      .replace('"type": "telescope"', '')
      .replace('"level": 2', '"level": 9')
      .replace('"kind": "cta"', '"kind": "hat"'),
  );
  await expect(dialog.getByRole('alert')).toContainText('kind');
  await take(JSON.stringify({ ...(JSON.parse(json) as object), schema: 99 }));
  await expect(dialog.getByRole('alert')).toContainText('schema');
  await take(json.replace('"name": "Members’ circle"', '"name": "Borrowed"'));
  await expect(page.getByRole('dialog', { name: 'A copy of x.json' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(stage(page).getByRole('heading', { name: 'Join the members’ circle' })).toBeVisible();
});

test('the menu of a row is opened, left and used by keys', async ({ page }) => {
  await signIn(page, 'widgets');
  await find(page, 'Basket');
  const button = page.getByRole('button', { name: 'Actions for Basket' });
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menu')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('menu')).toHaveCount(0);
  await expect(button).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menu')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('what is deleted is brought back', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Short-lived');
  await saved(page);
  await page.goto(`${studio}/widgets`);
  await menuOf(page, 'Short-lived', 'Delete');
  await expect(page.getByText('Short-lived is deleted')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Short-lived' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('link', { name: 'Short-lived' })).toBeVisible();
  await page.getByLabel('Search widgets').fill('short');
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByLabel('State').selectOption({ label: 'Published' });
  await expect(page.getByText('No widgets found.')).toBeVisible();
});

test('an element is kept on the shelf and put in elsewhere; copied, its style alone too, across widgets', async ({
  page,
  context,
}) => {
  await signIn(page);
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await newWidget(page, 'Giver');
  await add(page, 'Heading');
  await inspector(page).getByLabel('Text', { exact: true }).fill('Kept for later');
  await inspector(page).getByLabel('Font size', { exact: true }).fill('31');
  await inspector(page).getByRole('button', { name: 'Save to shelf' }).click();
  await page.getByLabel('Shelf name').fill('A large heading');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByLabel('Shelf name')).toHaveCount(0);
  await row(page, 'Kept for later').click();
  await page.keyboard.press('Control+c');
  await page.keyboard.press('Control+Alt+c');
  await saved(page);

  await newWidget(page, 'Taker');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('menuitem', { name: 'A large heading' }).click();
  await expect(stage(page).getByRole('heading', { name: 'Kept for later' })).toHaveCSS('font-size', '31px');
  await row(page, 'Kept for later').click();
  await page.keyboard.press('Control+v');
  await expect(elements(page)).toHaveText(['Taker', 'Kept for later', 'Kept for later']);
  await page.keyboard.press('Control+z');
  await expect(elements(page)).toHaveText(['Taker', 'Kept for later']);

  await add(page, 'Paragraph');
  await page.keyboard.press('Control+Alt+v');
  // Copied in the other editor, a page load ago: a style lives as long as the page does.
  await row(page, 'Kept for later').click();
  await page.keyboard.press('Control+Alt+c');
  await row(page, /^Write a sentence/).click();
  await page.keyboard.press('Control+Alt+v');
  await expect(stage(page).getByText('Write a sentence')).toHaveCSS('font-size', '31px');

  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Remove A large heading from the shelf' }).click();
  await expect(page.getByRole('menuitem', { name: 'A large heading' })).toHaveCount(0);
});

test('several elements at once: selected, moved, styled, renamed and removed', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Several');
  for (const words of ['One', 'Two', 'Three']) {
    await add(page, 'Paragraph');
    await inspector(page).getByLabel('Text', { exact: true }).fill(words);
  }
  await row(page, 'One').click();
  await row(page, 'Two').click({ modifiers: ['Control'] });
  await expect(inspector(page).getByRole('heading', { name: 'Text and 1 more' })).toBeVisible();
  await inspector(page).getByLabel('Font size', { exact: true }).fill('25');
  for (const words of ['One', 'Two'])
    await expect(stage(page).getByText(words, { exact: true })).toHaveCSS('font-size', '25px');
  await row(page, 'One').focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(elements(page)).toHaveText(['Several', 'Three', 'One', 'Two']);
  await page.keyboard.press('Control+d');
  await expect(elements(page)).toHaveCount(6);
  await page.keyboard.press('Delete');
  await expect(elements(page)).toHaveText(['Several', 'Three', 'One', 'Two']);
  await row(page, 'Three').click();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(row(page, 'One')).toHaveAttribute('aria-selected', 'true');
  await row(page, 'Three').click();
  await page.keyboard.press('F2');
  await page.keyboard.type('The last word');
  await page.keyboard.press('Enter');
  await expect(row(page, 'The last word')).toBeVisible();
  await row(page, 'The last word').dblclick();
  await page.getByLabel('Element name').fill('');
  await page.keyboard.press('Enter');
  await expect(row(page, 'Three')).toBeVisible();
});
