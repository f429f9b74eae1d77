// npm run bench: builds what is measured, then measures it. -- --json prints one JSON line for each figure.
import { buildAll } from './build-all.mjs';
import { ensurePackages, run } from './lib.mjs';

const quiet = process.argv.includes('--json');
if (!quiet) ensurePackages();
if (!process.env.SIRENE_BUILT && !quiet) buildAll();
if (!process.env.SIRENE_BUILT && quiet)
  run(process.execPath, ['scripts/build.mjs'], { stdio: ['ignore', 'ignore', 'inherit'] });
run(process.execPath, ['bench/all.mjs', ...process.argv.slice(2)]);
