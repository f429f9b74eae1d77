import { Buffer } from 'node:buffer';
import { expect, type Page } from '@playwright/test';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

test.beforeEach(async ({ page }) => {
  await signIn(page, 'brand');
  await expect(page.getByRole('heading', { name: 'Brand', level: 1 })).toBeVisible();
});

const sheet = (page: Page) => page.getByRole('region', { name: 'Brand preview' });

/** The ground of the main button on the sheet, as it is drawn. */
const buttonGround = (page: Page) =>
  sheet(page)
    .getByRole('figure', { name: 'Overlay with a form' })
    .locator('.r-button')
    .evaluate((button) => getComputedStyle(button).backgroundColor);

async function paint(page: Page, token: RegExp, colour: string): Promise<void> {
  await page.getByLabel(token).click();
  await page.getByLabel('Colour as text').fill(colour);
  await page.keyboard.press('Escape');
}

test('a colour is seen on the sheet at once, undone, and saved with what it touches', async ({ page }) => {
  // What is drawn follows what is edited: it is waited for, never read in between.
  await expect.poll(() => buttonGround(page)).not.toBe('');
  const before = await buttonGround(page);
  await paint(page, /^accent ?buttons/, '#7a2048');
  await expect.poll(() => buttonGround(page)).toBe('rgb(122, 32, 72)');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => buttonGround(page)).toBe(before);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Save for site' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('heading', { name: /widgets look different/ })).toBeVisible();
  await expect(
    dialog.getByText(/published on Larkmoor Observatory: visitors see the change at once/),
  ).toBeVisible();
  const letter = dialog.getByRole('listitem').filter({ hasText: 'Sky letter' });
  const buttons = letter.locator('.r-button');
  // Each side is drawn once its body is there.
  await expect(buttons).toHaveCount(2);
  const grounds = await buttons.evaluateAll((list) =>
    list.map((button) => getComputedStyle(button).backgroundColor),
  );
  expect(grounds).toEqual([before, 'rgb(122, 32, 72)']);
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Apply change' }).click();
  await expect(dialog).toHaveCount(0);

  // Back to what it was, for whoever comes after.
  await paint(page, /^accent ?buttons/, '#3d3f9e');
  await page.getByRole('button', { name: 'Save for site' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Apply change' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a token that is in use goes only for another', async ({ page }) => {
  await page.getByRole('button', { name: 'Remove color.lamp from the brand' }).click();
  await page.getByRole('button', { name: 'Save for site' }).click();
  const dialog = page.getByRole('dialog');
  await expect(
    dialog.getByRole('heading', { name: 'A token that is still in use is removed' }),
  ).toBeVisible();
  await expect(dialog.getByText(/color\.lamp is used by the look Lamplight.*Circle plans/)).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Apply change' })).toBeDisabled();
  await dialog.getByLabel('Replacement for color.lamp').selectOption('color.accent');
  await expect(dialog.getByRole('button', { name: 'Apply change' })).toBeEnabled();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
});

test('a look is made and seen in every state, its form’s fields too', async ({ page }) => {
  await page.getByRole('tab', { name: 'Looks' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Loud');
  await page.getByRole('button', { name: 'New look' }).click();
  const worn = page.getByRole('figure', { name: 'Look: Loud' }).locator('.l-loud');
  const preview = page.getByRole('tabpanel').locator('.l-loud');
  await page.getByRole('tabpanel').getByLabel('Corner radius', { exact: true }).fill('3');
  await expect(worn).toHaveCSS('border-radius', '3px');
  await page.getByLabel('State').selectOption('hover');
  await page.getByRole('tabpanel').getByLabel('Background', { exact: true }).click();
  await page.getByLabel('Colour as text').fill('#112233');
  await page.keyboard.press('Escape');
  await expect(preview).toHaveCSS('background-color', 'rgb(17, 34, 51)');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(worn).toHaveCount(0);
});

test('scales of colour and of type come from one figure', async ({ page }) => {
  await page.getByRole('button', { name: 'Scale from one colour' }).click();
  await page.getByLabel('Scale name').fill('sea');
  await page.getByRole('button', { name: 'Add ten colours' }).click();
  await expect(page.getByLabel(/^sea\.(50|500|900)$/)).toHaveCount(3);
  await page.getByRole('tab', { name: 'Type', exact: true }).click();
  await page.getByRole('button', { name: 'Type scale' }).click();
  await page.getByLabel('Ratio').selectOption('1.333');
  await page.getByRole('button', { name: 'Apply sizes' }).click();
  await expect(page.getByLabel('title', { exact: true }).first()).not.toHaveValue('26');
});

test('a token file of another tool comes in, what can’t be used is listed, and all goes out again', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Import and export' }).click();
  await page.getByRole('menuitem', { name: 'Import tokens' }).click();
  const file = (text: string) => ({
    name: 'tokens.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  const dialog = page.getByRole('dialog', { name: 'Import tokens' });
  await dialog.getByLabel('Token file').setInputFiles(file('{ not json'));
  await expect(dialog.getByRole('alert')).toContainText('not JSON');
  await dialog.getByLabel('Token file').setInputFiles(
    file(
      JSON.stringify({
        house: { $type: 'color', primary: { $value: '#0f5f3c' }, again: { $value: '{house.primary}' } },
        odd: { $type: 'typography', $value: {} },
      }),
    ),
  );
  await expect(dialog.getByText('2 tokens can be used.')).toBeVisible();
  await expect(dialog.getByRole('listitem')).toContainText('odd is a typography');
  await expect(dialog.getByLabel('Replacement for color.accent', { exact: true })).toHaveValue(
    'house.primary',
  );
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Use 2 tokens' }).click();
  await expect.poll(() => buttonGround(page)).toBe('rgb(15, 95, 60)');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Import and export' }).click();
  await page.getByRole('menuitem', { name: 'Export tokens' }).click();
  const stream = await (await download).createReadStream();
  const tokens = JSON.parse((await stream.toArray()).join('')) as Record<
    string,
    Record<string, { $value: unknown }>
  >;
  expect(tokens['color']?.['accent']?.$value).toBe('{house.primary}');
  expect(tokens['shadow']?.['raised']?.$value).toMatchObject([{ blur: { value: 48, unit: 'px' } }]);
});

test('a brand is read off the client’s page', async ({ page }) => {
  await page.getByRole('button', { name: 'Import and export' }).click();
  await page.getByRole('menuitem', { name: 'Import from a page' }).click();
  const dialog = page.getByRole('dialog', { name: 'Import brand from a page' });
  await dialog.getByLabel(/^Address of a page/).fill('https://elsewhere.example/');
  await dialog.getByRole('button', { name: 'Read page' }).click();
  await expect(dialog.getByRole('alert')).toContainText('not on the site');
  await dialog.getByLabel(/^Address of a page/).fill(`${demo}/`);
  await dialog.getByRole('button', { name: 'Read page' }).click();
  await expect(dialog.getByText(/Fonts: .*Fraunces/)).toBeVisible();
  await expect(dialog.getByText('#ffb547')).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Use proposal' }).click();
  await expect(page.getByRole('button', { name: 'Save for site' })).toBeEnabled();
});

test('an origin mark leads to the token that a value comes from', async ({ page }) => {
  await page.goto(`${studio}/brand?token=radius.button`);
  await expect(page.getByRole('tab', { name: 'Shape', selected: true })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'button' })).toBeVisible();
});
