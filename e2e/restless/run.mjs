// npm run restless: restless hands on the built demo. --seconds N and --seed N change how long and from which seed;
// npm test runs it as it stands here. Prints each fault with the steps that led to it.
import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { root, say } from '../../scripts/lib.mjs';
import {
  answering,
  environment,
  newFolder,
  seed as seedData,
  start,
  stopped,
} from '../../scripts/programs.mjs';
import { chromiumOptions } from '../chromium.mjs';
import { designer } from './designer.mjs';
import { wanderer } from './wanderer.mjs';

const option = (name, other) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? other : Number(process.argv[at + 1]);
};
const seconds = option('seconds', 25);
const first = option('seed', 1);

const ports = { studio: 4700, demo: 4710, smtp: 4725 };
const studio = `http://localhost:${ports.studio}`;
const { folder, remove } = newFolder();
const env = { ...environment(folder, ports), SIRENE_SIGN_INS_PER_MINUTE: '1000' };
await seedData(folder, env);
const server = start(['server/dist/main.js'], env, 'ignore');
const counts = { passed: 0, failed: 0 };
const browser = await chromium.launch(chromiumOptions);
try {
  await answering(`${studio}/health`);
  for (const [name, hand] of [
    ['designer', designer],
    ['wanderer', wanderer],
  ]) {
    // Side by side: there are two cores, and most of the time a hand waits.
    await Promise.all([first, first + 1].map((seed) => tryHand(name, hand, seed)));
  }
} finally {
  await browser.close();
  server.kill();
  await stopped(server);
  remove();
}
mkdirSync(`${root}.sirene-test`, { recursive: true });
writeFileSync(`${root}.sirene-test/restless.json`, JSON.stringify(counts));
process.exitCode = counts.failed > 0 ? 1 : 0;

async function tryHand(name, hand, seed) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  // Two browsers begin at once, with nothing of the studio kept: that takes longer than any of its answers.
  page.setDefaultTimeout(30_000);
  await page.goto(studio);
  await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
  await page.getByRole('button', { name: 'New widget' }).waitFor();
  page.setDefaultTimeout(4000);
  const { done, faults } = await hand(page, studio, { seed, until: Date.now() + seconds * 1000 });
  await context.close();
  counts[faults.length === 0 ? 'passed' : 'failed']++;
  say(`Restless ${name}, seed ${seed}: ${done}, ${faults.length} faults`);
  for (const fault of faults) console.log(`  ✗ ${fault}`);
}
