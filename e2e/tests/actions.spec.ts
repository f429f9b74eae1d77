import { expect, type Locator, type Page } from '@playwright/test';
import { newWidget, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

/** A hand that counts what it does: each press, each field that is filled in, each run of typing. */
class CountingHand {
  done = 0;

  constructor(private readonly page: Page) {}

  async press(target: Locator): Promise<void> {
    this.done++;
    await target.click();
  }

  async fill(target: Locator, text: string): Promise<void> {
    this.done++;
    await target.fill(text);
  }

  button(name: string | RegExp): Locator {
    return this.page.getByRole('button', { name, exact: true });
  }
}

test.afterEach(async ({ page }) => {
  // Nothing that was made stays behind for whoever comes after.
  const id = new URL(page.url()).pathname.split('/').at(-1);
  await page.request.delete(`${studio}/api/widgets/${id}`);
});

test('from sign-in to published takes five actions from a starter', async ({ page }) => {
  const hand = new CountingHand(page);
  await page.goto(`${studio}/widgets`);
  await hand.press(hand.button('Sign in as the demo designer'));
  await hand.press(page.getByRole('link', { name: 'Starters' }).or(hand.button('Starters')).first());
  await hand.press(page.getByText('Newsletter in the corner').first());
  await hand.press(hand.button('Use starter'));
  await hand.press(hand.button('Publish'));
  await expect(page.getByText('get this version')).toBeVisible();
  expect(hand.done).toBeLessThanOrEqual(5);
});

test('from sign-in to published takes twelve actions from an empty canvas', async ({ page }) => {
  const hand = new CountingHand(page);
  await page.goto(`${studio}/widgets`);
  await hand.press(hand.button('Sign in as the demo designer'));
  await hand.press(hand.button('New widget'));
  await hand.fill(page.getByRole('dialog').getByLabel('Name'), 'Twelve steps');
  await hand.press(hand.button('Create'));
  await hand.press(hand.button('Add'));
  await hand.press(page.getByRole('menuitem', { name: 'Heading', exact: true }));
  await hand.fill(
    page.getByRole('region', { name: 'Inspector' }).getByRole('textbox', { name: 'Text', exact: true }),
    'Write to us',
  );
  await hand.press(hand.button('Add'));
  await hand.press(page.getByRole('menuitem', { name: 'E-mail field', exact: true }));
  await hand.press(hand.button('Publish'));
  await expect(page.getByText('get this version')).toBeVisible();
  expect(hand.done).toBeLessThanOrEqual(12);
});

test('at 1280 × 800 the stage has half of the window beside both panels, and most of it without', async ({
  page,
}) => {
  await signIn(page);
  await newWidget(page, 'Room to work');
  const canvas = page.locator('[data-canvas]');
  const share = async () => {
    const box = await canvas.boundingBox();
    return ((box?.width ?? 0) * (box?.height ?? 0)) / (1280 * 800);
  };
  await expect(canvas).toBeVisible();
  expect(await share()).toBeGreaterThanOrEqual(0.5);
  expect((await page.getByRole('region', { name: 'Journey' }).boundingBox())?.height).toBeLessThanOrEqual(88);
  await page.getByRole('button', { name: 'Hide outline' }).click();
  await page.getByRole('button', { name: 'Hide inspector' }).click();
  await expect.poll(share).toBeGreaterThanOrEqual(0.7);
  // At 200 % zoom the window is half as large: the panels fold, and everything can still be reached.
  await page.getByRole('button', { name: 'Show outline' }).click();
  await page.setViewportSize({ width: 640, height: 400 });
  await expect(page.getByRole('button', { name: 'Show outline' })).toBeVisible();
  await page.getByRole('button', { name: 'Show inspector' }).click();
  await expect(page.getByRole('region', { name: 'Inspector' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Publish', exact: true })).toBeInViewport();
});
