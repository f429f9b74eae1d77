import { expect } from '@playwright/test';
import { demo, expectAccessible, signIn } from './helpers.ts';
import { test } from '../studio-test.ts';

test('a gift: an amount of one’s own, monthly; the payment fails, is tried again, and the receipt goes out', async ({
  page,
}) => {
  await page.goto(`${demo}/donate/`);
  const sum = page.getByText('has been raised so far');
  await expect(sum).toHaveText(/^€11,\d\d\d of €18,400/);
  await page.getByLabel('Another amount (EUR)').fill('27,50');
  await page.getByLabel('Every month').check();
  await page.getByLabel('Your name').fill('Ottilie Wren');
  await page.getByLabel('E-mail address').fill('ottilie@wren.example');
  // What was typed is there again, the amount too.
  await page.reload();
  await expect(page.getByLabel('Another amount (EUR)')).toHaveValue('27,50');
  await page.getByRole('button', { name: 'Give' }).click();
  await expect(page.getByRole('heading', { name: 'Test payment' })).toBeVisible();
  await expect(page.getByText('€27.50 every month')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Let the payment fail' }).click();
  await expect(page.getByRole('heading', { name: 'The payment did not work' })).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await page.getByRole('button', { name: 'Pay', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Thank you, it is paid' })).toBeVisible();
  await expect(page.getByText('€27.50 every month')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Back to the page' }).click();
  await expect(page).toHaveURL(`${demo}/donate/`);

  await signIn(page, 'people');
  await page.getByRole('button', { name: 'Ottilie Wren' }).click();
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission.getByText('Paid', { exact: true })).toBeVisible();
  await expect(submission.getByText('Receipt to ottilie@wren.example')).toBeVisible();
  await expectAccessible(page);
  await submission.getByRole('button', { name: 'Refund' }).click();
  await submission.getByRole('button', { name: 'Refund €27.50' }).click();
  await expect(submission.getByText('Refunded')).toBeVisible();

  await page.getByRole('link', { name: 'Test services' }).click();
  await expect(page.getByText('Your gift for the dome motor').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Payments' }).click();
  const row = page.getByRole('table', { name: 'Payments' }).getByRole('row').nth(1);
  await expect(row).toContainText('Refunded');
  await expect(row).toContainText('Taken');
  await expectAccessible(page);
});
