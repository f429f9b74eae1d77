import { expect } from '@playwright/test';
import { expectAccessible, openWidget, row, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

test('a form that the site has already becomes a widget; what can’t be taken is told', async ({ page }) => {
  await signIn(page, 'widgets');
  await page.getByRole('button', { name: 'Import' }).click();
  const sheet = page.getByRole('dialog', { name: /^Import a widget/ });
  await sheet.getByRole('tab', { name: 'Form on a page' }).click();
  await sheet.getByLabel('Or the form as HTML').fill('<p>No form</p>');
  await sheet.getByRole('button', { name: 'Read HTML' }).click();
  await expect(sheet.getByText('There is no form with fields in it.')).toBeVisible();
  await sheet.getByLabel('Or the form as HTML').fill(
    `<form><h2>Ask for a visit</h2><label>Your name* <input name="name" required></label>
       <label>How many <input type="number" name="count" min="1" max="40"></label>
       <label>Colour <input type="color" name="c"></label><button>Ask us</button></form>`,
  );
  await sheet.getByRole('button', { name: 'Read HTML' }).click();
  const taken = sheet.getByRole('region', { name: 'What is taken over' });
  await expect(taken.getByRole('listitem')).toHaveText([/Your name.*Name, required/, /How many.*Number/]);
  await expect(taken.getByText('Not taken over: “Colour” (color)')).toBeVisible();
  await expectAccessible(page);
  await taken.getByRole('button', { name: 'Create widget' }).click();
  for (const name of ['Your name', 'How many', 'Ask us']) await expect(row(page, name)).toBeVisible();
});

test('what an action sends is seen beforehand, and sent to oneself', async ({ page }) => {
  await signIn(page);
  await openWidget(page, 'School visit');
  await page.getByRole('group', { name: 'Stations' }).getByRole('button', { name: 'Afterwards' }).click();
  await page.locator('[data-sentence]').getByRole('button', { name: 'desk@larkmoor.example' }).click();
  await page.getByRole('button', { name: /^Auto-reply/ }).click();
  await page.getByRole('button', { name: 'Preview e-mail' }).click();
  const preview = page.getByRole('dialog', { name: 'Preview of the e-mail' });
  await expect(preview.getByText('With the answers of the last submission.')).toBeVisible();
  await expect(preview.getByText(/^To \S+@\S+$/)).toBeVisible();
  const mail = page.frameLocator('iframe[title="The e-mail as HTML"]');
  await expect(mail.getByText(/^Dear \w+/)).toBeVisible();
  await expectAccessible(page);
  await preview.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Send me a test' }).click();
  await expect(page.getByText('Test sent to designer@sirene.example')).toBeVisible();
  await page.goto(`${studio}/post`);
  const mails = page.getByRole('list', { name: 'E-mails' }).getByRole('button');
  await expect(mails.filter({ hasText: 'Test: Your evening at the observatory' })).toBeVisible();
});
