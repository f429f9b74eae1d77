// What a page and a first visit to the studio receive, headers included, beside the same without compression.
import { get } from 'node:http';
import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demo, studio, withDemo } from './serve.mjs';
import { figure } from './lib.mjs';

const parts = readdirSync(fileURLToPath(new URL('../embed/dist/public/embed', import.meta.url)));

/** The bytes that come over a fresh connection, in kB. */
const received = (address, encoding) =>
  new Promise((done, fail) => {
    const headers = { origin: demo, 'accept-encoding': encoding };
    get(address, { agent: false, headers }, (response) => {
      const { socket } = response;
      response.on('end', () => done(socket.bytesRead / 1000)).resume();
    }).on('error', fail);
  });

async function sent(name, path, limit) {
  const [value, plain] = [await received(studio + path, 'br'), await received(studio + path, 'identity')];
  return figure(`embed: ${name}, as received`, value, 'kB', plain, limit);
}

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

export default function embed() {
  return withDemo(async (browser) => {
    const manifest = await (await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } })).json();
    const letter = manifest.widgets.find(({ slug }) => slug === 'sky-letter');
    const scripts = parts.filter((part) => part.endsWith('.js'));
    const preact = readFileSync(fileURLToPath(import.meta.resolve('preact'))).length / 1000;
    const entry = await received(`${studio}/embed.js`, 'br');
    return [
      figure('embed: entry with triggers, targeting and mount, as received', entry, 'kB', preact, 9),
      await sent('a manifest', '/m/larkmoor.json', 3),
      await sent('a signup’s body', letter.body, 4),
      ...(await Promise.all(scripts.map((part) => sent(`${part.split('-')[0]} part`, `/embed/${part}`, 4)))),
      await firstVisit(browser),
    ];
  });
}
