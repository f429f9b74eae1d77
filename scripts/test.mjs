// npm test: installs what is missing (packages, Chromium), builds, and runs every test; ends with one line for all.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { buildAll, ensureChromium, ensurePackages, root, say } from './lib.mjs';

const results = `${root}.sirene-test`;

ensurePackages();
ensureChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
buildAll();

say('Running the tests of core, server, embed, studio and demo');
runTests('npx', ['jest', '--json', `--outputFile=${results}/unit.json`], {
  NODE_OPTIONS: '--experimental-vm-modules --no-warnings',
});
say('Running the browser tests');
runTests('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {});
say('Attacking the built server');
runTests(process.execPath, ['e2e/attack/run.mjs', '--small'], {});
say('Letting restless hands at the studio');
runTests(process.execPath, ['e2e/restless/run.mjs'], {});

const unit = read('unit.json');
const pages = read('pages.json');
const attack = read('attack.json');
const restless = read('restless.json');
const passed =
  (unit?.numPassedTests ?? 0) +
  (pages?.stats.expected ?? 0) +
  (attack?.passed ?? 0) +
  (restless?.passed ?? 0);
// A runner that left no result, or a suite that did not even start, has failed.
const broken =
  (unit ? unit.numRuntimeErrorTestSuites : 1) +
  (pages ? pages.errors.length : 1) +
  (attack ? 0 : 1) +
  (restless ? 0 : 1);
const failed =
  (unit?.numFailedTests ?? 0) +
  (pages ? pages.stats.unexpected + pages.stats.flaky : 0) +
  (attack?.failed ?? 0) +
  (restless?.failed ?? 0) +
  broken;
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);

function runTests(command, args, env) {
  spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
}

function read(file) {
  const path = `${results}/${file}`;
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null;
}
