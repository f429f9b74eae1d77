import { expect, type Page } from '@playwright/test';
import { expectAccessible, larkmoor, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

// Work on what was sent: found by its words, read, taken on, shown as the site needs it, answered; and two who are one.

const table = (page: Page) => page.getByRole('table', { name: 'Submissions' });
const select = (page: Page, name: string) =>
  page.getByRole('checkbox', { name: `Select: ${name}` }).locator('xpath=..');

test('submissions are filtered, shown by columns, taken on together, and kept as a view', async ({
  page,
}) => {
  await signIn(page, 'people');
  await page.getByLabel('Widget', { exact: true }).selectOption({ label: 'School visit' });
  // Eight of the demo, and as many as tests before this one have sent to the same server.
  const address = `${studio}/api/sites/${await larkmoor(page)}`;
  const widgets = (await (await page.request.get(`${address}/widgets`)).json()) as {
    id: string;
    name: string;
  }[];
  const visit = widgets.find(({ name }) => name === 'School visit')?.id;
  const { total } = (await (await page.request.get(`${address}/submissions?widget=${visit}`)).json()) as {
    total: number;
  };
  expect(total).toBeGreaterThanOrEqual(8);
  await expect(
    page.getByRole('status').filter({ hasText: new RegExp(`^${total} submissions$`) }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Number of children' }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Date' }).click();
  await page.keyboard.press('Escape');
  await expect(table(page).getByRole('columnheader', { name: 'Number of children' })).toBeVisible();
  await expect(
    table(page)
      .getByRole('cell', { name: /^[A-Z][a-z]{2} \d+, 202\d$/ })
      .first(),
  ).toBeVisible();

  await select(page, 'All that are shown').click();
  const bar = page.getByRole('toolbar', { name: 'Selected submissions' });
  await expect(bar.getByText(`${total} selected`)).toBeVisible();
  await bar.getByLabel('Assign to').selectOption({ label: 'Demo designer' });
  await expect(table(page).getByText('Assigned to Demo designer')).toHaveCount(total);
  await select(page, 'All that are shown').click();
  await bar.getByRole('button', { name: 'Mark as unread' }).click();
  await expect(table(page).getByText('Unread')).toHaveCount(total);
  await expectAccessible(page);

  await page.getByLabel('Assigned to', { exact: true }).selectOption({ label: 'Demo designer' });
  await page.getByRole('button', { name: 'Save as a view' }).click();
  await page.getByLabel('Name of the view').fill('My visits');
  await page.getByRole('button', { name: 'Save view' }).click();
  const views = page.getByRole('group', { name: 'Views' });
  await expect(views.getByRole('button', { name: 'My visits', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await views.getByRole('button', { name: 'All' }).click();
  await expect(page).toHaveURL(/\/people$/);
  await views.getByRole('button', { name: 'My visits', exact: true }).click();
  await page.reload();
  await expect(table(page).getByRole('columnheader', { name: 'Number of children' })).toBeVisible();
  await table(page).getByRole('button', { name: /@/ }).first().click();
  await expect(table(page).getByText('Unread')).toHaveCount(total - 1);
  await views.getByRole('button', { name: 'Remove the view “My visits”' }).click();
  await expect(views.getByRole('button', { name: 'My visits', exact: true })).toHaveCount(0);
});

test('a submission is found by its words from anywhere, and answered by mail', async ({ page }) => {
  await signIn(page, 'people');
  await page.keyboard.press('Control+k');
  const find = page.getByRole('combobox', { name: 'Find a widget' });
  await find.fill('heathf');
  await page.getByRole('option', { name: /Heathfield School.*Submission/ }).click();
  const detail = page.getByRole('region', { name: 'Submission' });
  await expect(detail).toContainText('Heathfield School');
  await detail.getByRole('button', { name: 'Reply by e-mail' }).click();
  await detail.getByLabel('Subject').fill('Your visit on the 17th');
  await expect(detail.getByRole('button', { name: 'Send reply' })).toBeDisabled();
  await detail.getByLabel('Text').fill('Dear all,\n\nthe dome is yours from nine.');
  await expectAccessible(page);
  await detail.getByRole('button', { name: 'Send reply' }).click();
  await expect(detail.getByText('the dome is yours from nine.')).toBeVisible();
  await expect(detail.getByText(/^Reply to/).locator('xpath=..')).toContainText('Sent', { timeout: 15_000 });
  await page.goto(`${studio}/post`);
  const mails = page.getByRole('list', { name: 'E-mails' }).getByRole('button');
  await mails.filter({ hasText: 'Your visit on the 17th' }).click();
  const mail = page.frameLocator('iframe[title="The e-mail as HTML"]');
  await expect(mail.getByText('the dome is yours from nine.')).toBeVisible();
});

test('two who are one are merged, and parted again', async ({ page }) => {
  await signIn(page, 'people/persons');
  await page.getByLabel('Search persons').fill('kaja');
  await page.getByRole('button', { name: /kaja\.ivers@school\.example/ }).click();
  const person = page.getByRole('region', { name: 'Person' });
  await expect(person.getByRole('heading', { name: 'Kaja Ivers' })).toBeVisible();
  await person.getByLabel('Find a duplicate').fill('kaja.jessop');
  await person.getByRole('button', { name: 'Merge with Kaja Jessop, kaja.jessop@school.example' }).click();
  await expect(person.getByText('kaja.jessop@school.example', { exact: true })).toBeVisible();
  const merged = person.getByRole('listitem').filter({ hasText: 'Merged with' });
  await expectAccessible(page);
  await merged.getByRole('button', { name: 'Undo' }).click();
  await expect(merged).toHaveCount(0);
  await expect(page.getByRole('button', { name: /kaja\.jessop@school\.example/ })).toBeVisible();
});
