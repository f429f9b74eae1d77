import { expect } from '@playwright/test';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

// From a row to a person: the lists they are on, the leads they became, and all that happened, in one place.

test('a reader signs up, confirms from their mailbox, is welcomed, and leaves by one press', async ({
  page,
}) => {
  const email = 'dara@fenwick.example';
  await page.goto(`${demo}/journal/first-telescope/`);
  await page.goto(`${demo}/journal/dark-adaptation/`);
  const letter = page.getByRole('dialog');
  await expect(letter).toBeVisible({ timeout: 15_000 });
  await letter.getByLabel('Your name').fill('Dara Fenwick');
  await letter.getByLabel('E-mail address').fill(email);
  await letter.getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(letter.getByText('Thank you, and clear skies')).toBeVisible();

  await signIn(page, 'people/lists');
  const people = page.getByRole('table', { name: 'People on Sky letter' });
  const entry = people.getByRole('row').filter({ hasText: email });
  await expect(entry).toContainText('Pending');

  await page.goto(`${studio}/post`);
  const mails = page.getByRole('list', { name: 'E-mails' }).getByRole('button').filter({ hasText: email });
  await mails.filter({ hasText: 'One click' }).click();
  const mail = page.frameLocator('iframe[title="The e-mail as HTML"]');
  await expect(mail.getByText('If it was not you, do nothing')).toBeVisible();
  const opened = page.waitForEvent('popup');
  await mail.getByRole('link', { name: 'Confirm' }).click();
  const confirm = await opened;
  await expect(confirm.getByRole('heading', { name: 'Please confirm' })).toBeVisible();
  await expectAccessible(confirm);
  await confirm.getByRole('button', { name: 'Confirm my address' }).click();
  await expect(confirm.getByRole('heading', { name: 'Your address is confirmed' })).toBeVisible();
  await confirm.close();

  await mails.filter({ hasText: 'Welcome to the Sky letter' }).click({ timeout: 20_000 });
  await expect(mail.getByText('Clear skies, Dara Fenwick!')).toBeVisible();
  const left = page.waitForEvent('popup');
  await mail.getByRole('link', { name: 'Unsubscribe' }).click();
  const leave = await left;
  await expectAccessible(leave);
  await leave.getByRole('button', { name: 'Unsubscribe' }).click();
  await expect(leave.getByRole('heading', { name: 'You have unsubscribed' })).toBeVisible();
  await leave.close();

  await page.goto(`${studio}/people/lists`);
  await expect(entry).toContainText('Unsubscribed');
  await entry.getByRole('button').click();
  await expect(people).toContainText('on /journal/dark-adaptation/');
  await expectAccessible(page);
});

test('a lead is moved along the board by keys and by hand, and its person tells of it', async ({ page }) => {
  await signIn(page, 'people/leads');
  const stage = (name: string) => page.getByRole('region', { name, exact: true });
  const card = (name: string) => stage(name).getByRole('button', { name: /Tarn Lane Primary/ });
  await expect(card('Asked')).toBeVisible();
  await expectAccessible(page);

  await card('Asked').focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(card('In talks')).toBeFocused();
  await page.reload();
  await card('In talks').hover();
  await page.mouse.down();
  const column = await stage('Asked').boundingBox();
  if (!column) throw new Error('The column is not to be seen');
  await page.mouse.move(column.x + column.width / 2, column.y + column.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(card('Asked')).toBeVisible();

  await card('Asked').click();
  const sheet = page.getByRole('dialog', { name: 'Lead' });
  await sheet.getByLabel('Value').fill('a lot');
  await expect(sheet.getByText('Enter a number, such as 120.50.')).toBeVisible();
  await expect(sheet.getByRole('button', { name: 'Save' })).toBeDisabled();
  await sheet.getByLabel('Value').fill('120,5');
  await sheet.getByLabel('Owner').selectOption('Demo designer');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(card('Asked')).toContainText('€120.50');
  await expect(card('Asked')).toContainText('Demo designer');

  await card('Asked').click();
  await sheet.getByRole('link').first().click();
  const person = page.getByRole('region', { name: 'Person' });
  await expect(person.getByRole('list', { name: 'Timeline' })).toContainText(': In talks');
  await person.getByRole('textbox', { name: 'Note' }).fill('Rang back: they need a ramp.');
  await person.getByRole('button', { name: 'Add note' }).click();
  await expect(person.getByRole('list', { name: 'Timeline' }).getByRole('listitem').first()).toContainText(
    'Rang back: they need a ramp.',
  );
  await person.getByLabel('Tags').fill('Ramp');
  await page.keyboard.press('Enter');
  // By the tag they are found, however many others came since.
  await page.getByLabel('Tag', { exact: true }).selectOption('Ramp');
  await expect(page.getByRole('table', { name: 'Persons' }).getByRole('row')).toHaveCount(2);
  await expectAccessible(page);
});

test('stages are named by the site; one that holds leads can’t be removed', async ({ page }) => {
  await signIn(page, 'people/leads');
  await page.getByRole('button', { name: 'Stages' }).click();
  const sheet = page.getByRole('dialog', { name: 'Stages' });
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Remove Won' }).click();
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet.getByText(/“Won” holds \d+ leads/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('region', { name: 'Won', exact: true })).toBeVisible();
});

test('a person gets an invoice: from their lead and the catalogue, numbered, sent, exported and paid', async ({
  page,
}) => {
  await signIn(page, 'people/persons');
  await page.getByLabel('Search persons').fill('school.example');
  await page
    .getByRole('button', { name: /@school\.example/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'New invoice' }).click();
  const invoice = page.getByRole('region', { name: 'Invoice' });
  await expect(invoice.getByRole('heading', { name: 'Invoice draft' })).toBeVisible();
  await expect(invoice.getByLabel('Line 1: what')).toHaveValue(/children/);
  await invoice.getByLabel('Add from the catalogue').selectOption({ label: 'Sky chart' });
  await invoice.getByLabel('Line 2: quantity').fill('12');
  await invoice.getByLabel('Line 1: price for one, without tax').fill('100,50');
  await expect(invoice.getByText('€152.16')).toBeVisible();
  await expectAccessible(page);
  await invoice.getByRole('button', { name: 'Save draft' }).click();
  await invoice.getByRole('button', { name: 'Issue', exact: true }).click();
  await invoice.getByRole('button', { name: /^Issue it/ }).click();
  const heading = invoice.getByRole('heading', { name: /^Invoice LO-\d{4}-\d{4}$/ });
  await expect(heading).toBeVisible();
  const number = ((await heading.textContent()) ?? '').replace('Invoice ', '');
  await invoice.getByRole('button', { name: /^Send to .*@school\.example/ }).click();
  await expect(invoice.getByText('Sent, not paid yet')).toBeVisible();
  const pdf = await page.request.get(
    (await invoice.getByRole('link', { name: 'Print (PDF)' }).getAttribute('href')) ?? '',
  );
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const xml = await page.request.get(
    (await invoice.getByRole('link', { name: 'Export as XML' }).getAttribute('href')) ?? '',
  );
  expect(await xml.text()).toContain('<cbc:PayableAmount currencyID="EUR">152.16</cbc:PayableAmount>');
  await invoice.getByRole('button', { name: 'Mark as paid' }).click();
  await expect(invoice.getByText('Paid', { exact: true })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Settings and catalogue' }).click();
  const settings = page.getByRole('dialog', { name: 'Invoice settings' });
  await settings.getByLabel('Number series').fill('LO');
  await expect(settings.getByText('The number series must have {number} in it.')).toBeVisible();
  await expect(settings.getByRole('button', { name: 'Save' })).toBeDisabled();
  await expectAccessible(page);

  await page.goto(`${studio}/post`);
  await page
    .getByRole('list', { name: 'E-mails' })
    .getByRole('button')
    .filter({ hasText: `Invoice ${number}` })
    .click();
  await expect(page.getByText(`invoice-${number}.xml`)).toBeVisible();
});

test('people who agreed elsewhere are brought onto a list: tried first, with what is broken', async ({
  page,
}) => {
  await signIn(page, 'people/lists');
  await page.getByRole('button', { name: 'Import' }).click();
  const sheet = page.getByRole('dialog', { name: 'Import into Sky letter' });
  const rows = ['Name,E-mail', 'Tove Weir,tove@weir.example', 'Nobody,none', 'Ebbe Lund,ebbe@lund.example'];
  await sheet
    .getByLabel('File')
    .setInputFiles({ name: 'people.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
  await sheet.getByLabel('Where and how they agreed').fill('Signed on paper at the open day');
  await sheet.getByRole('button', { name: 'Check the file' }).click();
  await expect(sheet.getByText('2 people of 3 rows can be imported')).toBeVisible();
  await expect(sheet.getByText('Row 3: “none” is not an e-mail address')).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Import 2 people' }).click();
  await expect(sheet.getByText('2 people imported')).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).last().click();
  await page.getByLabel('Search Sky letter').fill('tove@weir.example');
  await page.getByRole('button', { name: 'Tove Weir' }).click();
  await expect(page.getByText('Signed on paper at the open day')).toBeVisible();
});
