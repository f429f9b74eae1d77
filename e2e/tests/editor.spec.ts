import { expect } from '@playwright/test';
import {
  add,
  doubleClickOnStage,
  drag,
  expectAccessible,
  newWidget,
  openPiece,
  publish,
  row,
  saved,
  signIn,
  stage,
  studio,
  demo,
  openWidget,
} from './helpers.ts';
import { test } from '../studio-test.ts';

test.beforeEach(async ({ page }) => {
  await signIn(page);
});

test('by keyboard alone: a pop-up is built, ordered, nested and cleared', async ({ page }) => {
  const press = (key: string, times = 1) =>
    [...Array(times).keys()].reduce((last) => last.then(() => page.keyboard.press(key)), Promise.resolve());
  await page.goto(`${studio}/widgets`);
  // What is focused before the widgets are there goes when they come.
  await expect(page.getByRole('table')).toBeVisible();
  await page.getByRole('button', { name: 'New widget' }).focus();
  await press('Enter');
  await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused();
  await page.keyboard.type('By keyboard');
  await press('Enter');
  const elements = page.getByRole('tree', { name: 'Elements' }).getByRole('treeitem');
  await expect(elements).toHaveText(['By keyboard']);

  const addByKey = async (label: string) => {
    await page.getByRole('button', { name: 'Add', exact: true }).focus();
    await press('Enter');
    const item = page.getByRole('menuitem', { name: label, exact: true });
    await expect(item).toBeVisible();
    const labels = await page.getByRole('menuitem').allTextContents();
    // Opened by key, the menu stands on its first entry.
    await expect(page.getByRole('menuitem').first()).toHaveAttribute('data-highlighted', '');
    await press('ArrowDown', labels.indexOf(label));
    await expect(item).toHaveAttribute('data-highlighted', '');
    await press('Enter');
    await expect(item).toBeHidden();
  };
  await addByKey('Heading');
  await addByKey('Form');
  await addByKey('E-mail field');
  await expect(elements).toHaveText(['By keyboard', 'A heading', 'Form', 'E-mail', 'Send']);

  await row(page, 'A heading').focus();
  await press('ArrowDown', 2);
  await expect(row(page, 'E-mail')).toBeFocused();
  await press('Alt+ArrowDown');
  await expect(elements).toHaveText(['By keyboard', 'A heading', 'Form', 'Send', 'E-mail']);
  await press('ArrowUp', 2);
  await expect(row(page, 'Form')).toBeFocused();
  await press('Alt+ArrowUp');
  await expect(elements).toHaveText(['By keyboard', 'Form', 'Send', 'E-mail', 'A heading']);
  await row(page, 'A heading').focus();
  await press('ArrowDown');
  await press('Alt+ArrowRight');
  await expect(row(page, 'A heading')).toHaveAttribute('aria-level', '3');
  await press('Alt+ArrowLeft');
  await expect(row(page, 'A heading')).toHaveAttribute('aria-level', '2');
  await press('Delete');
  await expect(elements).toHaveText(['By keyboard', 'Form', 'Send', 'E-mail']);
  await press('Control+z');
  await expect(elements).toHaveText(['By keyboard', 'Form', 'Send', 'E-mail', 'A heading']);
});

test('elements are dragged on the stage, a duplicate gets a key of its own, and hidden ones are gone', async ({
  page,
}) => {
  await newWidget(page, 'By hand');
  await add(page, 'Heading');
  await add(page, 'E-mail field');
  const inside = stage(page);
  await drag(page, inside.getByRole('heading', { name: 'A heading' }), inside.locator('label'));
  await expect(row(page, 'A heading')).toHaveAttribute('aria-level', '3');
  await row(page, 'E-mail').click();
  await page.keyboard.press('Control+d');
  const fields = inside.locator('input:not([data-trap])');
  await expect(fields).toHaveCount(2);
  expect(
    await fields.evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).name)),
  ).toEqual(['email', 'email2']);
  await row(page, 'E-mail').first().getByRole('button', { name: 'Hide E-mail' }).click();
  await expect(fields).toHaveCount(1);
  await saved(page);
});

test('rich text typed on the stage keeps its marks, and script stays text, also for the visitor', async ({
  page,
}) => {
  await newWidget(page, 'Rich words');
  await add(page, 'Paragraph');
  const paragraph = stage(page).getByText('Write a sentence or two here.');
  await doubleClickOnStage(page, paragraph);
  await page.keyboard.type('Now ');
  await page.keyboard.press('Control+b');
  await page.keyboard.type('bold');
  await page.keyboard.press('Control+b');
  await page.keyboard.type(' <img src=x onerror=alert(1)>');
  await page.keyboard.press('Escape');
  await expect(stage(page).locator('.box p strong')).toHaveText('bold');
  await saved(page);
  await publish(page);
  await page.goto(`${demo}/contact/`);
  const dialog = page.getByRole('dialog', { name: 'Rich words' });
  await expect(dialog.getByText('Now bold <img src=x onerror=alert(1)>')).toBeVisible();
  await expect(dialog.locator('img')).toHaveCount(0);
  await openWidget(page, 'Rich words');
  const pages = await openPiece(page, 'Arrive', /every page/);
  await pages.getByLabel('Include').fill('/nowhere');
  await page.keyboard.press('Escape');
  await publish(page);
});

test('two tabs: the second save is held back, and nothing of either is lost', async ({ page, context }) => {
  await newWidget(page, 'Two tabs');
  await add(page, 'Heading');
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await row(other, 'A heading').click();
  await other.getByRole('region', { name: 'Inspector' }).getByLabel('Text', { exact: true }).fill('Theirs');
  await saved(other);
  await row(page, 'A heading').click();
  await page.getByRole('region', { name: 'Inspector' }).getByLabel('Text', { exact: true }).fill('Mine');
  const dialog = page.getByRole('alertdialog', { name: 'Saved elsewhere' });
  await expect(dialog).toContainText('Nothing is lost');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Save mine as a new widget' }).click();
  await expect(page.getByRole('heading', { name: 'Two tabs (my version)' })).toBeVisible();
  await expect(row(page, 'Mine')).toBeVisible();
  await other.reload();
  await expect(row(other, 'Theirs')).toBeVisible();
});

test('mistakes are shown where they are made, and kept out', async ({ page }) => {
  await page.goto(`${studio}/widgets`);
  await page.getByRole('button', { name: 'New widget' }).click();
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText('Give it a name that says what it is for')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();

  await newWidget(page, 'Mistakes');
  await add(page, 'E-mail field');
  await add(page, 'Button');
  await page.getByRole('region', { name: 'Inspector' }).getByLabel('On click').selectOption('link');
  await page.getByLabel('Page URL').fill('javascript:alert(1)');
  await expect(page.getByRole('region', { name: 'Inspector' }).getByRole('alert')).toContainText(
    'Not applied: it must be a web, mail or telephone address',
  );
  await saved(page);
  await page.getByLabel('Page URL').fill('/shop/');
  await saved(page);

  const recipients = await openPiece(page, 'Afterwards', /nobody/);
  await recipients.getByLabel('Recipients').fill('desk@larkmoor');
  await expect(recipients.getByText('desk@larkmoor: is not an e-mail address')).toBeVisible();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: /^Check \d/ }).click();
  await expect(page.getByText(/Nobody is notified/)).toBeVisible();
});

test('Check finds grey on grey and repairs it in one click', async ({ page }) => {
  await newWidget(page, 'Faint');
  await add(page, 'Heading');
  await page.getByRole('region', { name: 'Inspector' }).getByLabel('Text colour', { exact: true }).click();
  await page.getByLabel('Colour as text').fill('#d0d0d0');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Check 1' }).click();
  await expect(page.getByText(/contrast is 1\.5, and 3 is needed/)).toBeVisible();
  await expectAccessible(page);
  await page
    .getByRole('dialog', { name: 'Check' })
    // A colour of the brand rather than one that is computed.
    .getByRole('button', { name: /^Use [a-z]/ })
    .click();
  await expect(page.getByText('No problems found.')).toBeVisible();
});

test('the narrower screens of the stage, and every station, are free of serious faults', async ({ page }) => {
  await openWidget(page, 'Sky letter');
  await page.getByRole('button', { name: 'Phone, 390 px' }).click();
  const box = stage(page).getByRole('dialog');
  // The letter is a sheet on a phone, from side to side.
  await expect(box).toHaveCSS('width', '390px');
  for (const station of ['Arrive', 'Appear', 'Respond', 'Afterwards', 'Return']) {
    await page.getByRole('group', { name: 'Stations' }).getByRole('button', { name: station }).click();
    await expectAccessible(page);
  }
  await page.getByRole('button', { name: 'Rehearse a visit' }).click();
  await expectAccessible(page);
});

test('the error state is looked at on the stage, styled, and follows every edit', async ({ page }) => {
  await openWidget(page, 'Sky letter');
  await page.getByRole('button', { name: 'Preview', exact: true }).click();
  await page.getByRole('button', { name: 'Invalid' }).click();
  await page.keyboard.press('Escape');
  const message = stage(page).getByText('Please enter your e-mail address');
  await expect(message).toBeVisible();
  await expect(message).toHaveCSS('color', 'rgb(168, 32, 58)');
  await row(page, 'E-mail address').click();
  await page.getByRole('region', { name: 'Inspector' }).getByLabel('Placeholder').fill('you@place.example');
  await expect(stage(page).getByPlaceholder('you@place.example')).toBeVisible();
  await expect(message).toBeVisible();
  await page.getByRole('button', { name: 'Preview', exact: true }).click();
  await page.getByRole('button', { name: 'Default' }).click();
  await expect(message).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await saved(page);
});

test('people who are not signed in are asked to, and come to where they were going', async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await page.goto(`${studio}/people`);
  await expect(page).toHaveURL(/sign-in/);
  await expectAccessible(page);
  await page.getByLabel('E-mail').fill('nobody@x.example');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('Wrong e-mail address or password');
  await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.context().close();
});
