// npm test: installs what is missing (packages, Chromium), builds, and runs every test; ends with one line for all.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { buildAll } from './build-all.mjs';
import { ensureChromium, ensurePackages, root, say } from './lib.mjs';

const results = `${root}.sirene-test`;

ensurePackages();
ensureChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
buildAll();

say('Running the tests of core, server, embed, studio and demo');
runTests(process.execPath, ['scripts/unit.mjs', '--json', `--outputFile=${results}/unit.json`]);
say('Running the browser tests');
runTests('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts']);
say('Attacking the built server');
runTests(process.execPath, ['e2e/attack/run.mjs', '--small']);
say('Letting restless hands at the studio');
runTests(process.execPath, ['e2e/restless/run.mjs']);

// A suite that did not even start has failed, and so has a runner that left no result.
const counts = [
  read('unit.json', ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
    passed: numPassedTests,
    failed: numFailedTests + numRuntimeErrorTestSuites,
  })),
  read('pages.json', ({ stats, errors }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky + errors.length,
  })),
  read('attack.json'),
  read('restless.json'),
];
const total = (key) => counts.reduce((sum, one) => sum + one[key], 0);
const [passed, failed] = [total('passed'), total('failed')];
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);

function runTests(command, args) {
  spawnSync(command, args, { cwd: root, stdio: 'inherit' });
}

function read(file, count = ({ passed, failed }) => ({ passed, failed })) {
  const path = `${results}/${file}`;
  return existsSync(path) ? count(JSON.parse(readFileSync(path, 'utf8'))) : { passed: 0, failed: 1 };
}
