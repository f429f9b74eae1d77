// npm run pictures: takes the pictures of docs/screenshots/ anew, from the demo data; with names, only those. Those of setting up a
// site, of publishing and of the test services, which need more than the demo has, are taken by hand.
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
    await page.request.post(`${studio}/api/session/demo`, { headers: { origin: studio } });
    await view({ page, browser, studio, demo });
    await page.waitForLoadState('networkidle');
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
