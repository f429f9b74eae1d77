import { expect } from '@playwright/test';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

const door = `${studio}/p/larkmoor/members-door`;

test('a member comes in by the door, with the wrong password and the right one; the site then knows them', async ({
  page,
}) => {
  await page.goto(`${demo}/sign-in/`);
  await page.getByRole('link', { name: 'Open the door' }).click();
  await page.getByLabel('E-mail address').fill('member@circle.example');
  await page.getByLabel('Password').fill('sunlight');
  await page.getByRole('button', { name: 'Open the door' }).click();
  await expect(page.getByText('The e-mail address or the password is not right')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Password').fill('moonlight');
  await page.getByRole('button', { name: 'Open the door' }).click();
  await expect(page).toHaveURL(`${demo}/members/`);
  await expect(page.getByText('Signed in as Ada Fenwick')).toBeVisible();
  const isMember = async () => {
    // The page has its address before it has run its scripts.
    await page.waitForFunction('window.sirene?.ready');
    return page.evaluate(async () => {
      const { sirene } = window as unknown as { sirene: { why(): Promise<Record<string, unknown>> } };
      return JSON.stringify((await sirene.why())['sky-letter']).includes('"member":true');
    });
  };
  await expect.poll(isMember).toBe(true);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByText('Signed in as')).toHaveCount(0);
  await expect.poll(isMember).toBe(false);
});

test('who registers is a member at once, and a person among those who sent something', async ({ page }) => {
  await page.goto(door);
  await page.getByRole('button', { name: 'Register' }).click();
  await page.getByLabel('Your name').fill('Kaja Brook');
  await page.getByLabel('E-mail address').fill('kaja@brook.example');
  await page.getByLabel('Password').fill('short');
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText('Please choose a longer password')).toBeVisible();
  await page.getByLabel('Password').fill('a longer starlight');
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText('Signed in as Kaja Brook')).toBeVisible();

  await signIn(page, 'post');
  await page.getByRole('tab', { name: 'Members' }).click();
  await expect(page.getByRole('table', { name: 'Members' })).toContainText('kaja@brook.example');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: /kaja@brook\.example/ }).click();
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission.getByText(/^Tag for kaja@brook.example/)).toBeVisible();
  await expect(submission).not.toContainText('starlight');
});

test('a forgotten password is chosen anew by the link in the mail', async ({ page }) => {
  const email = 'orla@castell.example';
  await page.goto(door);
  await page.getByRole('button', { name: 'Register' }).click();
  await page.getByLabel('Your name').fill('Orla Castell');
  await page.getByLabel('E-mail address').fill(email);
  await page.getByLabel('Password').fill('the first one');
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText('Signed in as Orla Castell')).toBeVisible();

  await page.goto(door);
  await page.getByRole('button', { name: 'Forgotten your password?' }).click();
  await page.getByLabel('E-mail address').fill(email);
  await page.getByRole('button', { name: 'Send the link' }).click();
  await expect(page.getByRole('heading', { name: 'Look into your mailbox' })).toBeVisible();
  await signIn(page, 'post');
  await page.getByRole('list', { name: 'E-mails' }).getByRole('button').filter({ hasText: email }).click();
  const mail = await page.getByRole('region', { name: 'E-mail' }).innerText();
  await page.goto(/http\S+\/password\/\S+/.exec(mail)?.[0] ?? '');
  await expectAccessible(page);
  await page.getByLabel(/^New password/).fill('the second one');
  await page.getByRole('button', { name: 'Set password' }).click();
  await expect(page.getByText('Your new password is set')).toBeVisible();

  await page.goto(door);
  await page.getByLabel('E-mail address').fill(email);
  await page.getByLabel('Password').fill('the second one');
  await page.getByRole('button', { name: 'Open the door' }).click();
  await expect(page.getByText('Signed in as Orla Castell')).toBeVisible();
});
