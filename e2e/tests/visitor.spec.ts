import { createHash } from 'node:crypto';
import { expect, test, type Page } from '@playwright/test';
import { withoutServerClock } from '../server-clock.ts';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';

const letter = (page: Page) => page.getByRole('dialog', { name: 'The moor’s sky, once a month' });
const articles = [
  '/journal/dark-adaptation/',
  '/journal/first-telescope/',
  '/journal/sound-of-the-dome/',
] as const;

/** Opens the demo's published letter at once, whatever its rules say. */
async function openLetter(page: Page, path = '/'): Promise<void> {
  await page.goto(demo + path);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.open("sky-letter")');
  await expect(letter(page)).toBeVisible();
}

async function submissionsOf(page: Page, words: string): Promise<number> {
  await page.goto(`${studio}/people`);
  await page.getByLabel('Search submissions').fill(words);
  const count = page.getByText(/^\d+ submissions?$/).or(page.getByText('No matches'));
  await expect(count.first()).toHaveText(/^([01] submissions?|No matches)$/);
  return page.getByRole('table', { name: 'Submissions' }).getByRole('row').filter({ hasText: words }).count();
}

/** The page's clock stands until it is told to run: an installed one goes on by itself, and fires rules on a slow machine. */
async function standStill(page: Page): Promise<void> {
  const now = Date.now();
  await page.clock.install({ time: now });
  await page.clock.pauseAt(now + 1000);
}

/** Goes to a page, and lets its clock run for so many ms. */
async function stayOn(page: Page, path: string, ms: number): Promise<void> {
  await page.goto(demo + path);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.ready');
  await page.clock.runFor(ms);
}

test('the letter comes by its rule: where, when, and not again after closing', async ({ page }) => {
  await standStill(page);
  await stayOn(page, articles[0], 20_000);
  await expect(letter(page)).toHaveCount(0);
  await stayOn(page, '/contact/', 20_000);
  await expect(letter(page)).toHaveCount(0);
  await stayOn(page, articles[1], 1000);
  await expect(letter(page)).toBeVisible();
  await page.clock.resume();
  await expectAccessible(page);
  await letter(page).getByRole('button', { name: 'Close' }).click();
  await expect(letter(page)).toHaveCount(0);
  await page.clock.pauseAt(Date.now() + 60_000);
  await stayOn(page, articles[2], 20_000);
  await expect(letter(page)).toHaveCount(0);
});

test('who is about to leave their first article gets it too', async ({ page }) => {
  await standStill(page);
  await stayOn(page, articles[1], 5000);
  await page.mouse.move(600, 300);
  await page.clock.runFor(1000);
  await expect(letter(page)).toHaveCount(0);
  await page.locator('html').dispatchEvent('mouseleave', { clientY: -1 });
  await page.clock.runFor(1000);
  await expect(letter(page)).toBeVisible();
});

test('before a widget shows, a page fetches its site’s script, then body and part side by side', async ({
  page,
}) => {
  const fetched: string[] = [];
  page.on('request', (request) => {
    if (request.url().startsWith(studio))
      fetched.push(new URL(request.url()).pathname.replace(/[0-9a-f]{32}/, 'HASH'));
  });
  await page.goto(`${demo}/visit/`);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.ready');
  // What is listened to for is loaded once that is known, and holds nothing up.
  const decided = fetched.filter((path) => !/^\/embed\/(signals|told)-/.test(path));
  expect(decided).toEqual(['/s/larkmoor.js']);
  const globals = await page.evaluate(() =>
    Object.keys(window).filter((key) => key.toLowerCase().includes('sirene')),
  );
  expect(globals).toEqual([]);
  await page.evaluate('sirene.open("sky-letter")');
  await expect(letter(page)).toBeVisible();
  const then = fetched.filter((path) => !/^\/embed\/(signals|told)-/.test(path)).slice(1);
  expect(then).toContain('/b/HASH.json');
  expect(
    then.filter((path) => path.startsWith('/embed/')).every((path) => /^\/embed\/(showing|form)-/.test(path)),
  ).toBe(true);
});

test('the page’s own script may open, close and listen', async ({ page }) => {
  const said: string[] = [];
  page.on('console', (message) => said.push(message.text()));
  await page.goto(`${demo}/visit/`);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate(
    `window.heard = []; for (const what of ['open', 'close']) sirene.on(what, (name) => heard.push(what + ' ' + name)); sirene.on('open', () => { throw new Error('mine') })`,
  );
  await page.evaluate('sirene.open("sky-letter")');
  await expect(letter(page)).toBeVisible();
  await page.evaluate('sirene.close()');
  await expect(letter(page)).toHaveCount(0);
  await page.evaluate('sirene.open("nobody")');
  await expect.poll(() => said.join('\n')).toContain('no widget "nobody" is published');
  expect(await page.evaluate('heard')).toEqual(['open sky-letter', 'close sky-letter']);
});

test('a page of an origin that is not allowed shows nothing and says why', async ({ page }) => {
  const said: string[] = [];
  const thrown: string[] = [];
  page.on('console', (message) => said.push(message.text()));
  page.on('pageerror', (error) => thrown.push(error.message));
  const elsewhere = demo.replace('localhost', '127.0.0.1');
  await page.goto(elsewhere + articles[0]);
  await expect
    .poll(() => said.join('\n'))
    .toContain(
      `Sirene: nothing is shown. ${elsewhere} is not among the allowed origins of Larkmoor Observatory.`,
    );
  await expect(letter(page)).toHaveCount(0);
  expect(thrown).toEqual([]);
});

test('a submission that can’t be sent is kept over a reload and arrives once', async ({ page }) => {
  let blocked = true;
  await page.route('**/c/larkmoor/submissions', (route) => (blocked ? route.abort() : route.continue()));
  await openLetter(page);
  await letter(page).getByLabel('E-mail address').fill('kept@reload.example');
  await letter(page).getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(letter(page).getByRole('status')).toHaveText(/didn’t go through/);
  // The next page tries once, and fails, before the way is cleared: else that try may succeed unseen.
  const tried = page.waitForEvent('requestfailed', (request) => request.url().endsWith('/submissions'));
  await page.reload();
  await tried;
  blocked = false;
  const arrived = page.waitForResponse(
    (response) => response.url().endsWith('/submissions') && response.status() === 202,
  );
  await page.reload();
  await arrived;
  await page.reload();
  await signIn(page);
  expect(await submissionsOf(page, 'kept@reload.example')).toBe(1);
});

test('by keyboard: an inline form is filled in, corrected and sent, and its thanks are read', async ({
  page,
  browser,
}) => {
  const visitor = await (await browser.newContext()).newPage();
  const checks: string[] = [];
  visitor.on('request', (request) => {
    if (request.url().includes('/embed/checks-')) checks.push(request.url());
  });
  await visitor.goto(`${demo}/contact/`);
  const form = visitor.getByRole('region', { name: 'Ask the observatory' });
  await expect(form).toBeVisible();
  await expectAccessible(visitor);
  // What checks a form comes once somebody begins to fill it in.
  expect(checks).toEqual([]);
  await form.getByLabel('Your name').focus();
  await expect.poll(() => checks).toHaveLength(1);
  await visitor.keyboard.press('Enter');
  await expect(form.getByText('Please enter your name', { exact: true })).toBeVisible();
  // The list of mistakes has the focus, and its lines lead to the fields.
  await visitor.keyboard.press('Tab');
  await visitor.keyboard.press('Enter');
  await expect(form.getByLabel('Your name')).toBeFocused();
  await visitor.keyboard.type('Kaja Holt');
  await visitor.keyboard.press('Tab');
  await visitor.keyboard.type('kaja@holt.example');
  await visitor.keyboard.press('Tab');
  await visitor.keyboard.type('Is the dome open <b>tonight</b>?');
  await visitor.keyboard.press('Tab');
  const sending = visitor.waitForRequest('**/submissions');
  await visitor.keyboard.press('Enter');
  await expect(form.getByRole('heading', { name: 'We’ve got your message' })).toBeVisible();
  // The page has worked for it, beside itself.
  const { id, work } = (await sending).postDataJSON() as { id: string; work: string };
  const hash = createHash('sha256').update(`${id}:${work}`).digest();
  expect(hash.readUInt32BE() >>> 20).toBe(0);
  await visitor.close();
  await signIn(page, 'people');
  await page.getByRole('button', { name: /kaja@holt\.example/ }).click();
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission).toContainText('Is the dome open <b>tonight</b>?');
  // Two at the observatory are told, and the sender.
  await expect(submission.getByRole('listitem').getByText(/^Sent /)).toHaveCount(3, { timeout: 20_000 });
});

test('on a phone the letter is a sheet over at most half of the window, and nothing overflows', async ({
  browser,
}) => {
  const page = await (await browser.newContext({ viewport: { width: 360, height: 640 } })).newPage();
  await openLetter(page);
  const box = await letter(page).boundingBox();
  expect(box).toMatchObject({ x: 0, width: 360 });
  expect(box?.height).toBeLessThanOrEqual(320);
  expect((box?.y ?? 0) + (box?.height ?? 0)).toBeCloseTo(640, 0);
  const wide = await letter(page).evaluate((node) => node.scrollWidth > node.clientWidth);
  expect(wide).toBe(false);
  await page.context().close();
});

test('uploads are served for ever, run nothing, and lead nowhere else', async ({ page, request }) => {
  await page.goto(`${studio}/p/larkmoor/members-door`);
  const address = await page
    .locator('.box')
    .evaluate((box) => /url\("([^"]+)"\)/.exec(getComputedStyle(box).backgroundImage)?.[1] ?? '');
  const image = await request.get(address);
  expect(image.status()).toBe(200);
  expect(image.headers()).toMatchObject({
    'content-type': 'image/svg+xml',
    'cache-control': expect.stringContaining('immutable'),
    'x-content-type-options': 'nosniff',
    'content-security-policy': expect.stringContaining("default-src 'none'"),
  });
  for (const path of ['/a/../sirene.db', '/a/..%2fsirene.db', '/a/x/full.webp'])
    expect((await request.get(studio + path)).status()).toBe(404);
});

test('scripts are sent as they were compressed when they were built, and kept for as long as they are the same', async ({
  request,
}) => {
  const script = await request.get(`${studio}/embed.js`, { headers: { 'accept-encoding': 'br' } });
  expect(script.headers()).toMatchObject({ 'content-encoding': 'br', vary: 'Accept-Encoding' });
  // The parts share one hash, which the script puts behind the name of the part that it fetches.
  const hash = /"([a-f0-9]{8})"/.exec(await script.text())?.[1];
  const page = await (await request.get(`${studio}/sign-in`)).text();
  const asset = /assets\/index-[\w-]+\.js/.exec(page)?.[0];
  for (const path of [`embed/form-${hash}.js`, asset])
    for (const form of ['br', 'gzip']) {
      const sent = await request.get(`${studio}/${path}`, { headers: { 'accept-encoding': form } });
      expect(sent.headers()).toMatchObject({
        'content-encoding': form,
        'content-type': expect.stringMatching(/^(text|application)\/javascript/) as unknown as string,
        'cache-control': 'public, max-age=31536000, immutable',
        vary: expect.stringMatching(/accept-encoding/i) as unknown as string,
      });
    }
});

test('a countdown of a visitor’s own goes on over pages and a reload, and says its end', async ({ page }) => {
  await page.clock.install();
  await withoutServerClock(page);
  await page.goto(`${demo}/shop/red-lamp/`);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.ready');
  await page.evaluate('sirene.open("first-order-lamp-offer")');
  const offer = page.getByRole('dialog', { name: 'A tenth off your first lamp' });
  const timer = offer.getByRole('timer');
  await expect(timer).toContainText('20');
  await page.clock.runFor(61_000);
  await expect(timer).toContainText(/18\D+5\d/);
  await expectAccessible(page);
  await page.goto(`${demo}/shop/moon-lamp/`);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.ready');
  await page.evaluate('sirene.open("first-order-lamp-offer")');
  await expect(timer).toContainText(/18\D+[0-5]\d/);
  await page.clock.runFor(20 * 60_000);
  await expect(page.getByText('The twenty minutes are over')).toBeVisible();
});

test('closed, an offer remains as a tab over pages; its code is the visitor’s own', async ({
  page,
  context,
  browser,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto(`${demo}/shop/red-lamp/`);
  await page.waitForFunction(() => 'sirene' in window);
  await page.evaluate('sirene.ready');
  await page.evaluate('sirene.open("first-order-lamp-offer")');
  await page.getByRole('button', { name: 'Get my code' }).click();
  const code = page.locator('code');
  await expect(code).toHaveText(/^LAMP-/);
  const mine = await code.textContent();
  expect(await page.evaluate('navigator.clipboard.readText()')).toBe(mine);
  await page.keyboard.press('Escape');
  const tab = page.getByRole('button', { name: 'A tenth off', exact: true });
  await expect(tab).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${demo}/shop/moon-lamp/`);
  await tab.click();
  await page.getByRole('button', { name: 'Get my code' }).click();
  await expect(code).toHaveText(mine ?? '');
  await expect(tab).toHaveCount(0);
  // Somebody else gets another.
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(`${demo}/shop/red-lamp/`);
  await stranger.waitForFunction(() => 'sirene' in window);
  await stranger.evaluate('sirene.ready');
  await stranger.evaluate('sirene.open("first-order-lamp-offer")');
  await stranger.getByRole('button', { name: 'Get my code' }).click();
  await expect(stranger.locator('code')).toHaveText(/^LAMP-/);
  expect(await stranger.locator('code').textContent()).not.toBe(mine);
  await stranger.context().close();
});
