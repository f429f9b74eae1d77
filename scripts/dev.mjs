// npm run dev: server and studio with reload, on the demo's data. Open the address that Vite prints.
import { resolve } from 'node:path';
import { buildEmbed } from './build-all.mjs';
import { ensureDemoData, ensurePackages, root, say, together } from './lib.mjs';
import { compile, compileAlways } from './tsc.mjs';

ensurePackages();
say('Building once');
compile();
buildEmbed();
const env = {
  ...process.env,
  SIRENE_DEMO: '1',
  SIRENE_PRIVATE_HOSTS:
    process.env.SIRENE_PRIVATE_HOSTS ?? `localhost:${process.env.SIRENE_DEMO_PORT || 4310}`,
};
ensureDemoData(resolve(root, process.env.SIRENE_DATA || 'data'), env);
say('Watching');
together([
  compileAlways,
  { command: process.execPath, args: ['--watch', '--enable-source-maps', 'server/dist/main.js'], env },
  { command: process.execPath, args: ['--watch', 'demo/dist/serve.js'], env },
  { command: 'npm', args: ['run', 'dev', '-w', 'studio'] },
]);
