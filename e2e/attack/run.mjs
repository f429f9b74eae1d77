// npm run attack: the built server attacked and broken, at full size. --small is the part of it that npm test runs.
// Prints what held and what did not; writes the counts for npm test's closing line.
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { buildAll } from '../../scripts/build-all.mjs';
import { ensureChromium, ensurePackages, root, say } from '../../scripts/lib.mjs';
import { newFolder } from '../../scripts/programs.mjs';
import { Target } from './target.mjs';

const full = !process.argv.includes('--small');
const wanted = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const names = ['strangers', 'inside', 'freezes', 'vectors', 'fuzz', 'spam', 'kills', 'full-disk'];

if (full) {
  ensurePackages();
  ensureChromium();
  if (!existsSync(`${root}server/dist/main.js`) || !process.env.SIRENE_BUILT) buildAll();
}

const counts = { passed: 0, failed: 0, skipped: 0 };
const { folder, remove } = newFolder();
const target = await Target.on(folder);
try {
  for (const name of names.filter((one) => wanted.length === 0 || wanted.includes(one))) {
    const began = performance.now();
    const { default: attack } = await import(`./${name}.mjs`);
    // A disk of its own, and the ports of the other.
    if (name === 'full-disk') await target.end();
    const results = await attack(target, { full }).catch((error) => [
      { name: `${name} could not be carried out`, ok: false, detail: error.stack },
    ]);
    if (name === 'full-disk') await target.start();
    say(`${name} (${Math.round((performance.now() - began) / 100) / 10} s)`);
    for (const { name: what, ok, detail, skipped } of results) {
      if (skipped) {
        counts.skipped++;
        console.log(`  – ${what}: skipped, ${skipped}`);
      } else {
        counts[ok ? 'passed' : 'failed']++;
        console.log(ok ? `  ✓ ${what}${full ? ` (${detail})` : ''}` : `  ✗ ${what}\n${detail}`);
      }
    }
  }
} finally {
  await target.end();
  remove();
}
mkdirSync(`${root}.sirene-test`, { recursive: true });
writeFileSync(`${root}.sirene-test/attack.json`, JSON.stringify(counts));
console.log(`\n${counts.passed} held, ${counts.failed} did not, ${counts.skipped} skipped`);
process.exitCode = counts.failed > 0 ? 1 : 0;
