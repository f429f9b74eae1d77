// npm run pictures: takes the pictures of docs/screenshots/ anew, from the demo data; with names, only those.
import { chromium } from '@playwright/test';
import { root, say } from '../../scripts/lib.mjs';
import { answering, environment, newFolder, seed, start, stopped } from '../../scripts/programs.mjs';
import { chromiumOptions } from '../chromium.mjs';
import { views } from './views.mjs';

const wanted = process.argv.slice(2);
const unknown = wanted.filter((name) => !Object.hasOwn(views, name));
if (unknown.length > 0)
  throw new Error(`No view is called ${unknown.join()}. There are ${Object.keys(views).join(', ')}.`);

// The ports of the demo, so that the addresses in the pictures are those of the README.
const ports = { studio: 4300, demo: 4310, smtp: 4325 };
const studio = `http://localhost:${ports.studio}`;
const demo = `http://localhost:${ports.demo}`;

/** Counts what a page fetches; returns what is resolved once nothing has been on the way for half a second. */
function quietness(page) {
  const open = new Set();
  let last = performance.now();
  const ended = (request) => {
    open.delete(request);
    last = performance.now();
  };
  page.on('request', (request) => open.add(request));
  page.on('requestfinished', ended).on('requestfailed', ended);
  return async () => {
    while (open.size > 0 || performance.now() - last < 500) await page.waitForTimeout(50);
  };
}

const { folder, remove } = newFolder();
const env = { ...environment(folder, ports), SIRENE_PRIVATE_HOSTS: `localhost:${ports.demo}` };
await seed(folder, env);
const programs = [start(['server/dist/main.js'], env), start(['demo/dist/serve.js'], env)];
const browser = await chromium.launch(chromiumOptions);
try {
  await Promise.all([answering(`${studio}/health`), answering(demo)]);
  for (const [name, view] of Object.entries(views)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      colorScheme: name === 'dark' ? 'dark' : 'light',
      reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    const quiet = quietness(page);
    await page.request.post(`${studio}/api/session/demo`, { headers: { origin: studio } });
    await view({ page, browser, studio, demo });
    await quiet();
    await page.screenshot({ path: `${root}docs/screenshots/${name}.png` });
    await context.close();
    say(`docs/screenshots/${name}.png`);
  }
} finally {
  await browser.close();
  for (const program of programs) program.kill();
  await Promise.all(programs.map(stopped));
  remove();
}
