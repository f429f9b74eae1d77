import { expect, test, type Page } from '@playwright/test';
import { demo, studio } from './helpers.ts';

const tag = `<script async src="${studio}/embed.js" data-site="larkmoor"></script>`;
const letter = (page: Page) => page.getByRole('dialog', { name: 'The moor’s sky, once a month' });

// A page that a test makes up comes from nowhere, and from there a browser asks before it loads from this machine.
test.use({ permissions: ['local-network-access'] });
test.setTimeout(30_000);

interface Served {
  html: string;
  type?: string;
  headers?: Record<string, string>;
}

/** A page of the client's site that is whatever a test says. */
async function openPage(page: Page, { html, type = 'text/html', headers = {} }: Served): Promise<void> {
  await page.route(`${demo}/hostile/`, (route) =>
    route.fulfill({ body: html, headers: { ...headers, 'content-type': `${type}; charset=utf-8` } }),
  );
  await page.goto(`${demo}/hostile/`);
}

const plain = (body: string, head = '') =>
  `<!doctype html><html lang="en"><head><title>Page</title>${head}</head><body>${body}${tag}</body></html>`;

async function openLetter(page: Page): Promise<void> {
  await page.waitForFunction('window.sirene && typeof window.sirene.open === "function"');
  await page.evaluate('sirene.open("sky-letter")');
  await expect(letter(page)).toBeVisible();
}

// Resets, frameworks' global rules, rules that hide what is empty or unknown, and plain malice.
const sheets = `
div:empty{display:none}
div:empty{display:none!important}
div{display:none}
div{display:none!important}
body>div{display:none}
body>div:last-child{display:none!important}
body>*{display:none!important}
body>:not(main):not(script){display:none!important}
*{display:none!important}html,body{display:block!important}
:not(html):not(body){display:none!important}
div{opacity:0}
div{opacity:0!important}
body>*{opacity:0!important}
*{opacity:0!important}html,body{opacity:1!important}
div{visibility:hidden}
div{visibility:hidden!important}
body{visibility:hidden}
html{visibility:hidden!important}
div{visibility:collapse!important}
div{content-visibility:hidden!important}
*{content-visibility:auto;contain-intrinsic-size:0 0}
div{contain:strict!important}
div{contain:size layout paint!important;width:0!important;height:0!important}
div{clip-path:inset(50%)!important}
div{clip:rect(0,0,0,0)!important;position:absolute!important}
div{mask:linear-gradient(transparent,transparent)!important}
div{filter:opacity(0)!important}
div{filter:brightness(0) blur(40px)!important}
div{transform:scale(0)!important}
div{transform:translateX(-9999px)!important}
div{scale:0!important;rotate:90deg!important;translate:-9999px!important}
div{zoom:.01!important}
div{perspective:1px!important;transform-style:preserve-3d!important}
div{position:absolute!important;left:-9999px!important}
div{position:fixed!important;inset:-9999px auto auto -9999px!important}
div{width:0!important;height:0!important;overflow:hidden!important}
div{max-height:0!important;overflow:clip!important}
div{font-size:0!important;line-height:0!important}
*{font-size:0!important}
div{color:transparent!important}
*{color:transparent!important;-webkit-text-fill-color:transparent!important}
div{pointer-events:none!important}
*{pointer-events:none!important;user-select:none!important}
div{text-indent:-9999px!important;letter-spacing:-1em!important}
div{writing-mode:vertical-rl!important;text-orientation:upright!important}
div{columns:9!important;float:right!important}
div{animation:gone 1ms forwards!important}@keyframes gone{to{opacity:0;visibility:hidden;display:none}}
div{transition:all 9999s!important}
div{mix-blend-mode:difference!important;isolation:auto!important}
div{will-change:transform,opacity!important;z-index:-1!important}
body{display:grid!important;gap:50vh}
body{display:flex!important;flex-direction:column;gap:100px}
body{transform:scale(.5)}
body{filter:blur(2px);overflow:hidden;height:0}
html{font-size:1px!important}
html{--color-ground:transparent;--color-ink:transparent;--size-text:0px;--space-4:0}
*{--color-ground:transparent;--color-ink:transparent;--color-accent:transparent;--size-text:0px}
*,::before,::after{box-sizing:content-box!important;margin:0!important;padding:0!important;border:0!important}
*{all:unset}
*{all:revert!important}
div{all:initial!important;display:none!important}
@layer page{div{display:none!important;opacity:0!important}}
@layer a,b;@layer a{body>div{display:none!important}}
@media all{body>div:not([class]):not([id]){display:none!important}}
@supports (display:grid){div:not([class]){display:none!important}}
:where(div){display:none!important}
:is(body)>:is(div){display:none!important}
body:has(div)>div{display:none!important}
div:not(:has(*)){display:none!important}
:root body>div:nth-last-child(n){display:none!important;visibility:hidden!important}
dialog,[popover]{display:none!important}
section{display:none!important}
`
  .trim()
  .split('\n');

test('no rule of the page hides a widget: resets, frameworks and malice', async ({ page }) => {
  expect(sheets.length).toBeGreaterThanOrEqual(60);
  await openPage(page, {
    html: plain(
      '<main><h1>Page</h1><p>Text</p><div data-sirene="members-circle"></div></main>',
      '<style id="rules"></style>',
    ),
  });
  await openLetter(page);
  const seen = await page.evaluate((rules) => {
    const host = [...document.querySelectorAll('body > div')].find((one) => one.shadowRoot) as HTMLElement;
    const root = host.shadowRoot as ShadowRoot;
    const style = document.querySelector('#rules') as HTMLStyleElement;
    const box = root.querySelector('.box') as HTMLElement;
    const heading = root.querySelector('h2') as HTMLElement;
    const look = () => {
      const { left, top, width, height } = box.getBoundingClientRect();
      const at = document.elementFromPoint(left + width / 2, top + height / 2);
      const text = heading.getBoundingClientRect();
      const styles = getComputedStyle(heading);
      return {
        visible: heading.checkVisibility({
          opacityProperty: true,
          visibilityProperty: true,
          contentVisibilityAuto: true,
        }),
        box: [Math.round(width), Math.round(height)].join('×'),
        text: [Math.round(text.width), Math.round(text.height)].join('×'),
        hit: at === host,
        colour: styles.color,
        ground: getComputedStyle(box).backgroundColor,
        // What stands around it can't change it in the top layer, but it itself can be changed.
        host: ((own) => [own.opacity, own.filter, own.transform, own.clipPath, own.pointerEvents].join())(
          getComputedStyle(host),
        ),
      };
    };
    const usual = look();
    return rules.map((rule) => {
      style.textContent = rule;
      const now = look();
      style.textContent = '';
      return { rule, now, usual };
    });
  }, sheets);
  for (const { rule, now, usual } of seen) expect({ rule, ...now }).toEqual({ rule, ...usual });
});

test('a widget adds no room to a page whose body is a grid with gaps', async ({ page }) => {
  await openPage(page, { html: plain('<p>One</p>', '<style>body{display:grid;gap:200px;margin:0}</style>') });
  const height = () => page.evaluate(() => document.documentElement.scrollHeight);
  const before = await height();
  await openLetter(page);
  expect(await height()).toBe(before);
});

const other = 'https://elsewhere.example';

for (const markup of [
  `<img name="currentScript" src="${other}/x.js" data-site="larkmoor">`,
  `<form name="currentScript" data-site="larkmoor"><input name="src" value="${other}"></form>`,
  `<embed name="currentScript" src="${other}/x.js">`,
  '<a id="sirene" href="/">x</a>',
  '<form id="sirene"><input name="open"></form>',
  '<a id="sirene"></a><a id="sirene" name="open"></a>',
  '<img name="body"><img name="head"><form name="documentElement"></form>',
  '<form name="querySelector"></form><img name="createElement"><img name="fonts">',
])
  test(`markup that stands in for the page’s own properties leads nowhere: ${markup}`, async ({ page }) => {
    const asked: string[] = [];
    await page.route(`${other}/**`, (route) => {
      asked.push(route.request().url());
      return route.fulfill({ body: '{}', contentType: 'application/json' });
    });
    await openPage(page, { html: `<!doctype html><title>Page</title><body><p>Text</p>${tag}${markup}` });
    await page.waitForLoadState('load');
    // Either it works, or nothing is shown; another server’s word is never taken.
    const works = await page
      .waitForFunction('window.sirene && typeof window.sirene.ready?.then === "function"', null, {
        timeout: 3000,
      })
      .then(
        () => true,
        () => false,
      );
    expect(asked.filter((url) => !/\/x\.js$/.test(url))).toEqual([]);
    if (/body|querySelector/.test(markup)) return;
    expect(works).toBe(true);
    await openLetter(page);
  });

test('pages that insist on Trusted Types show widgets where they allow the policy “sirene”', async ({
  page,
}) => {
  const policy = (names: string) => ({
    'content-security-policy': `require-trusted-types-for 'script'; trusted-types ${names}`,
  });
  await openPage(page, { html: plain('<p>Text</p>'), headers: policy('sirene') });
  await openLetter(page);
  await letter(page).getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(letter(page).getByLabel('E-mail')).toHaveAttribute('aria-invalid', 'true');
});

test('a page that allows no policy of ours is told so, and goes on', async ({ page }) => {
  const said: string[] = [];
  const errors: string[] = [];
  page.on('console', (message) => said.push(message.text()));
  page.on('pageerror', (error) => errors.push(error.message));
  await openPage(page, {
    html: plain('<p>Text</p>'),
    headers: { 'content-security-policy': "require-trusted-types-for 'script'; trusted-types none-of-ours" },
  });
  await page.waitForFunction('window.sirene && typeof window.sirene.open === "function"');
  await page.evaluate('sirene.open("sky-letter")');
  await expect.poll(() => said.join('\n')).toMatch(/Sirene: something went wrong/);
  expect(errors).toEqual([]);
});

test('pages that are XML show widgets', async ({ page }) => {
  await openPage(page, {
    type: 'application/xhtml+xml',
    html: `<?xml version="1.0"?><html xmlns="http://www.w3.org/1999/xhtml"><head><title>Page</title></head><body><p>Text</p><script async="async" src="${studio}/embed.js" data-site="larkmoor"></script></body></html>`,
  });
  await openLetter(page);
  // By its element: names of elements are in small letters here, which finding by label does not expect.
  const email = letter(page).locator('input[type=email]');
  await email.fill('nonsense');
  await letter(page).getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(email).toHaveAttribute('aria-invalid', 'true');
});

test('pages that load nothing from elsewhere unless it says so (COEP) show widgets', async ({ page }) => {
  await openPage(page, {
    html: plain('<p>Text</p>'),
    headers: { 'cross-origin-embedder-policy': 'require-corp', 'cross-origin-opener-policy': 'same-origin' },
  });
  expect(await page.evaluate(() => self.crossOriginIsolated)).toBe(true);
  await openLetter(page);
});

test('a body that is not the one that was published is not shown', async ({ page }) => {
  const said: string[] = [];
  page.on('console', (message) => said.push(message.text()));
  await page.route(`${studio}/b/**`, async (route) => {
    const response = await route.fetch();
    const text = (await response.text()).replace('once a month', 'once a week');
    await route.fulfill({ response, body: text });
  });
  await openPage(page, { html: plain('<p>Text</p>') });
  await page.waitForFunction('window.sirene && typeof window.sirene.open === "function"');
  await page.evaluate('sirene.open("sky-letter")');
  await expect.poll(() => said.join('\n')).toMatch(/something went wrong/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a part that can’t be had is asked for again, then the visitor is told and nothing entered is lost', async ({
  page,
}) => {
  let asked = 0;
  let isThere = false;
  await page.route(`${studio}/embed/form-*`, (route) => {
    asked++;
    return isThere ? route.continue() : route.fulfill({ status: 404, body: 'gone' });
  });
  await openPage(page, { html: plain('<p>Text</p>') });
  await openLetter(page);
  await letter(page).getByLabel('E-mail').fill('mira@stone.example');
  await letter(page).getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(letter(page)).toContainText('That didn’t go through', { timeout: 15_000 });
  expect(asked).toBeGreaterThanOrEqual(3);
  await expect(letter(page).getByLabel('E-mail')).toHaveValue('mira@stone.example');
  isThere = true;
  await letter(page).getByRole('button', { name: 'Send me the Sky letter' }).click();
  await expect(page.getByText('Thank you, and clear skies')).toBeVisible();
});

for (const [name, script] of [
  ['whose fetch throws', 'window.fetch = () => { throw new Error("mine") }'],
  ['whose JSON throws', 'JSON.stringify = () => { throw new Error("mine") }'],
  [
    'whose storage holds anything',
    'localStorage.setItem("sirene:larkmoor", JSON.stringify({ widgets: null }))',
  ],
  [
    'whose storage holds a memory of odd things',
    'localStorage.setItem("sirene:larkmoor", JSON.stringify({ visits: 1, pages: "x", lastAt: {}, widgets: { a: null, b: 7, c: { shownAt: "x" } } }))',
  ],
  [
    'whose storage is forbidden',
    'Object.defineProperty(window, "localStorage", { get() { throw new Error("mine") } })',
  ],
] as const)
  test(`a page ${name} sees no error of ours`, async ({ page }) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    const isLate = /fetch|JSON throws/.test(name);
    if (!isLate) await page.addInitScript(`try { ${script} } catch {}`);
    await openPage(page, { html: plain('<p>Text</p>') });
    await page.waitForFunction('window.sirene && typeof window.sirene.open === "function"');
    await page.evaluate('sirene.ready');
    await openLetter(page);
    if (isLate) await page.evaluate(script);
    await letter(page).getByRole('button', { name: 'Close' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // What is counted is sent two seconds after.
    await page.evaluate(() => dispatchEvent(new Event('pagehide')));
    expect(errors).toEqual([]);
  });

test('a page that changes its address while a body loads gets one widget, and it can be closed', async ({
  page,
}) => {
  const held: (() => void)[] = [];
  await page.route(`${studio}/b/**`, async (route) => {
    await new Promise<void>((go) => held.push(go));
    await route.continue();
  });
  await openPage(page, { html: plain('<p>Text</p>') });
  await page.waitForFunction('window.sirene && typeof window.sirene.open === "function"');
  await page.evaluate('sirene.ready');
  await page.evaluate('sirene.open("sky-letter")');
  await expect.poll(() => held.length).toBeGreaterThan(0);
  await page.evaluate(() => history.pushState({}, '', '/hostile/next'));
  await page.evaluate('sirene.open("sky-letter")');
  // The body that is on its way serves both.
  held.forEach((go) => go());
  await expect(letter(page)).toHaveCount(1);
  await letter(page).getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
