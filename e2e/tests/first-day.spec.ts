import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test, type Page } from '@playwright/test';
import { expectAccessible } from './helpers.ts';

// A server of its own: on an empty folder, beside the demo that the other tests share.
const ports = { studio: 4440, site: 4450, smtp: 4455 };
const studio = `http://localhost:${ports.studio}`;
const site = `http://localhost:${ports.site}`;
const main = fileURLToPath(new URL('../../server/dist/main.js', import.meta.url));
const password = 'a walk along the quay';

let server: ChildProcess;
let printed = '';
let folder: string;
let pages: Server;
let head = '';

test.use({ baseURL: studio });

test.beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'sirene-first-day-'));
  const env = {
    ...process.env,
    SIRENE_PORT: String(ports.studio),
    SIRENE_SMTP_PORT: String(ports.smtp),
    SIRENE_DATA: folder,
    SIRENE_PRIVATE_HOSTS: `localhost:${ports.site}`,
    SIRENE_SIGN_INS_PER_MINUTE: '1000',
  };
  server = spawn(process.execPath, [main], { env, stdio: ['ignore', 'pipe', 'inherit'] });
  server.stdout?.on('data', (part: Buffer) => (printed += part.toString()));
  await expect.poll(() => printed, { timeout: 30_000 }).toContain('with this code');
  pages = createServer((_, response) => {
    response.setHeader('content-type', 'text/html; charset=utf-8');
    response.end(`<!doctype html><html lang="en"><head><title>Kiln Street Pottery</title>
      <style>body{font-family:Georgia,serif;color:#2b2118;background:#fbf6ee;margin:0;padding:40px}
      h1{color:#8a3b12} .buy{background:#8a3b12;color:#fff;border:0;border-radius:6px;padding:12px 20px}</style>
      ${head}</head><body><main><h1>Pots for every day</h1><p>Thrown and fired in Kiln Street.</p>
      <button class="buy">Buy a bowl</button><p data-sirene-open="first-word">Write to us</p></main></body></html>`);
  }).listen(ports.site);
});

test.afterAll(async () => {
  server.kill();
  pages.close();
  await rm(folder, { recursive: true, force: true });
});

const code = () => /with this code: (\S+)/.exec(printed)?.[1] as string;

async function createAccount(page: Page, name: string, email: string): Promise<void> {
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
}

test('from an empty folder to a visitor who is answered', async ({ page, browser }) => {
  test.setTimeout(120_000);
  await test.step('the owner’s account, by the code that the server printed', async () => {
    await page.goto('/');
    await expect(page).toHaveURL(/\/setup$/);
    await expectAccessible(page);
    await page.getByLabel('One-time code').fill('WRONG');
    await createAccount(page, 'Mira Holt', 'mira@studio.example');
    await page.getByRole('button', { name: 'Create account' }).click();
    await expect(page.getByRole('alert')).toContainText('That is not the code');
    await page.getByLabel('One-time code').fill(code());
    await page.getByRole('button', { name: 'Create account' }).click();
    await expect(page).toHaveURL(/\/start$/);
  });

  await test.step('the site: its address, its page, its brand', async () => {
    await expect(page.getByRole('heading', { name: 'Set up a site' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Create site' }).click();
    await expect(page.getByText('Enter the URL of the site')).toBeVisible();
    await page.getByLabel('Site URL').fill(site);
    await page.getByLabel('Name').fill('Kiln Street Pottery');
    await page.getByRole('button', { name: 'Create site' }).click();
    await expect(page.getByText('#8a3b12').first()).toBeVisible();
    await expectAccessible(page);
    // A reload goes on where one was.
    await page.reload();
    await page.getByRole('button', { name: 'Use this brand' }).click();
  });

  await test.step('the script tag, and the check that it is there', async () => {
    await expect(page.getByText('Not detected yet')).toBeVisible();
    head = (await page.getByText('<script async').textContent()) as string;
    const visitor = await (await browser.newContext({ permissions: ['local-network-access'] })).newPage();
    const asked = visitor.waitForResponse(/\/s\//);
    await visitor.goto(`${site}/`);
    await asked;
    await visitor.context().close();
    await expect(page.getByText('Connected')).toBeVisible();
    await page.getByRole('button', { name: 'Continue' }).click();
  });

  await test.step('the first widget, published and opened by the page without a script of its own', async () => {
    await page.getByRole('button', { name: 'New empty widget' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name').fill('First word');
    await dialog.getByRole('button', { name: 'Create' }).click();
    const inside = page.frameLocator('iframe[title="The site’s page"]');
    await expect(inside.getByText('Pots for every day')).toBeVisible();
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('menuitem', { name: 'E-mail field', exact: true }).click();
    await page.getByRole('button', { name: 'Publish', exact: true }).click();
    await expect(page.getByText('data-sirene-open="first-word"')).toBeVisible();
    const visitor = await (await browser.newContext({ permissions: ['local-network-access'] })).newPage();
    await visitor.goto(`${site}/`);
    const box = visitor.getByRole('dialog');
    await expect(box).toBeVisible();
    await visitor.keyboard.press('Escape');
    await expect(box).toHaveCount(0);
    const opener = visitor.getByRole('button', { name: 'Write to us' });
    await opener.focus();
    await visitor.keyboard.press('Enter');
    await box.getByLabel('E-mail').fill('ana@visitor.example');
    await box.getByRole('button', { name: 'Send' }).click();
    await expect(box.getByRole('heading', { name: 'Thank you' })).toBeVisible();
    await visitor.goto(`${site}/#first-word`);
    await visitor.reload();
    await expect(box).toBeVisible();
    await visitor.context().close();
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Back to widgets' }).click();
    await page.getByRole('link', { name: 'People' }).click();
    await expect(page.getByText('ana@visitor.example').first()).toBeVisible();
  });

  await test.step('a colleague is invited, and joins', async () => {
    await page.getByRole('link', { name: 'Site', exact: true }).click();
    await page.getByRole('button', { name: 'Create invitation link' }).click();
    const link = (await page.getByText(`${studio}/invitation/`).textContent()) as string;
    const other = await (await browser.newContext({ baseURL: studio })).newPage();
    await other.goto(link);
    await expect(other.getByText('Mira Holt invites you')).toBeVisible();
    await expectAccessible(other);
    await createAccount(other, 'Ines Roth', 'ines@studio.example');
    await other.getByRole('button', { name: 'Create account and join' }).click();
    await expect(other.getByText('First word').first()).toBeVisible();
    await other.context().close();
    await page.reload();
    await expect(page.getByText('ines@studio.example')).toBeVisible();
    await expectAccessible(page);
  });

  await test.step('the site is renamed, archived and restored', async () => {
    await page.getByLabel('Site name').fill('Kiln Street');
    await page.getByRole('button', { name: 'Rename' }).click();
    await expect(page.getByRole('button', { name: /^Site: Kiln Street\./ })).toBeVisible();
    await page.getByRole('button', { name: 'Archive site' }).click();
    await page.getByRole('button', { name: 'Restore site' }).click();
    await expect(page.getByRole('button', { name: 'Archive site' })).toBeVisible();
  });

  await test.step('the password is changed, a session ended, and a forgotten password reset by e-mail', async () => {
    await page.getByRole('button', { name: 'Mira Holt', exact: true }).click();
    await page.getByRole('menuitem', { name: 'Account' }).click();
    await expectAccessible(page);
    await page.getByLabel('Current password').fill(password);
    await page.getByLabel('New password').fill('a longer walk along the quay');
    await page.getByRole('button', { name: 'Change password' }).click();
    await expect(page.getByText('Changed; other sessions have ended')).toBeVisible();
    const elsewhere = await (await browser.newContext({ baseURL: studio })).newPage();
    await elsewhere.goto('/forgot');
    await elsewhere.getByLabel('E-mail').fill('mira@studio.example');
    await elsewhere.getByRole('button', { name: 'Send link' }).click();
    await expect(elsewhere.getByRole('status')).toContainText('a link is on its way');
    await page.getByRole('link', { name: 'Test services' }).click();
    await page.getByText('Reset your Sirene password').first().click();
    const mail = page.getByRole('region', { name: 'E-mail' });
    await expect(mail).toContainText(`${studio}/reset/`);
    const link = /http\S+\/reset\/[\w-]+/.exec((await mail.textContent()) as string)?.[0] as string;
    await elsewhere.goto(link);
    await elsewhere.getByLabel('New password').fill('quite another password');
    await elsewhere.getByRole('button', { name: 'Set password' }).click();
    await expect(elsewhere.getByText('First word').first()).toBeVisible();
    await elsewhere.goto('/account');
    await expect(elsewhere.getByRole('region', { name: 'Sessions' }).getByRole('listitem')).toHaveCount(1);
    await page.reload();
    await expect(page).toHaveURL(/\/sign-in$/);
    await elsewhere.context().close();
  });
});
