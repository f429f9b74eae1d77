// What a page and a first visit to the studio receive, beside the same without compression.
import { get } from 'node:http';
import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demo, studio, withDemo } from './serve.mjs';
import { figure, median } from './lib.mjs';

const parts = readdirSync(fileURLToPath(new URL('../embed/dist/public/embed', import.meta.url)));

/** The bytes of an answer as they are sent, without its headers, in kB. */
const received = (address, encoding) =>
  new Promise((done, fail) => {
    const headers = { origin: demo, 'accept-encoding': encoding };
    get(address, { agent: false, headers }, (response) => {
      let bytes = 0;
      response.on('data', (chunk) => (bytes += chunk.length)).on('end', () => done(bytes / 1000));
    }).on('error', fail);
  });

async function sent(name, path, limit) {
  const [value, plain] = [await received(studio + path, 'br'), await received(studio + path, 'identity')];
  return figure(`embed: ${name}, as received`, value, 'kB', plain, limit);
}

/** What is allowed for each part, kB; of the others, 4. */
const partLimits = { chat: 9, checks: 3 };

const sentPart = (file) => {
  const part = file.replace(/-[0-9a-f]{8}\.js$/, '');
  return sent(`${part} part`, `/embed/${file}`, partLimits[part] ?? 4);
};

/** What the browser loads until the studio can be signed in to, in kB. */
async function firstVisit(browser) {
  const context = await browser.newContext();
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  let bytes = 0;
  client.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
  await page.goto(studio);
  await page.getByRole('button', { name: 'Sign in as the demo designer' }).waitFor();
  await page.waitForLoadState('networkidle');
  const plain = await page.evaluate(() =>
    performance.getEntries().reduce((sum, { decodedBodySize = 0 }) => sum + decodedBodySize, 0),
  );
  await context.close();
  return figure('studio: a first visit, as received', bytes / 1000, 'kB', plain / 1000, 260);
}

const latency = 100;
const visits = 9;

/** From the end of a page's HTML to its inline widget seen, ms, with latency on every request; by the tag that the page has. */
async function seen(browser, tag) {
  const context = await browser.newContext({ permissions: ['local-network-access'] });
  const page = await context.newPage();
  if (tag)
    await page.route(`${demo}/`, async (route) => {
      const response = await route.fetch();
      const body = (await response.text()).replace(/<script async src="[^"]*\/s\/[^>]*>/, tag);
      await route.fulfill({ response, body });
    });
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  await client.send('Network.emulateNetworkConditions', {
    offline: false,
    latency,
    downloadThroughput: -1,
    uploadThroughput: -1,
  });
  await page.addInitScript(() => {
    const look = () => {
      const host = document.querySelector('[data-sirene] > div');
      if (host?.shadowRoot?.querySelector('.box')?.getBoundingClientRect().height > 0) {
        const { domInteractive } = performance.getEntriesByType('navigation')[0];
        window.seenAfter = performance.now() - domInteractive;
      } else requestAnimationFrame(look);
    };
    look();
  });
  await page.goto(demo, { waitUntil: 'commit' });
  const after = await (await page.waitForFunction('window.seenAfter')).jsonValue();
  await context.close();
  return after;
}

async function arrival(browser) {
  const old = `<script async src="${studio}/embed.js" data-site="larkmoor">`;
  const samples = [];
  for (let visit = 0; visit < visits; visit++) samples.push([await seen(browser), await seen(browser, old)]);
  return figure(
    `embed: end of the HTML to an inline widget seen, ${latency} ms of latency added; baseline: the script for any site`,
    median(samples.map(([now]) => now)),
    'ms',
    median(samples.map(([, before]) => before)),
    300,
  );
}

export default function embed() {
  return withDemo(async (browser) => {
    const manifest = await (await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } })).json();
    const letter = manifest.widgets.find(({ slug }) => slug === 'sky-letter');
    const scripts = parts.filter((part) => part.endsWith('.js'));
    const preact = readFileSync(fileURLToPath(import.meta.resolve('preact'))).length / 1000;
    const entry = await received(`${studio}/embed.js`, 'gzip');
    return [
      figure(
        'embed: entry with all triggers, conditions and decisions, as received by gzip',
        entry,
        'kB',
        preact,
        9,
      ),
      await sent('a manifest', '/m/larkmoor.json', 3),
      await sent('a signup’s body', letter.body, 4),
      ...(await Promise.all(scripts.map(sentPart))),
      await arrival(browser),
      await firstVisit(browser),
    ];
  });
}
