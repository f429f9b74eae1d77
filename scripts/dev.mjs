// npm run dev: server and studio with reload, on the demo's data. Open the address that Vite prints.
import { resolve } from 'node:path';
import { ensureDemoData, ensurePackages, root, run, say, together } from './lib.mjs';

ensurePackages();
say('Building once');
run('npx', ['tsc', '-b', 'core', 'server', 'demo']);
run('npm', ['run', 'build', '-w', 'embed', '--silent']);
const env = {
  ...process.env,
  SIRENE_DEMO: '1',
  SIRENE_PRIVATE_HOSTS:
    process.env.SIRENE_PRIVATE_HOSTS ?? `localhost:${process.env.SIRENE_DEMO_PORT || 4310}`,
};
ensureDemoData(resolve(root, process.env.SIRENE_DATA || 'data'), env);
say('Watching');
together([
  { command: 'npx', args: ['tsc', '-b', '--watch', '--preserveWatchOutput', 'core', 'server', 'demo'] },
  { command: process.execPath, args: ['--watch', '--enable-source-maps', 'server/dist/main.js'], env },
  { command: process.execPath, args: ['--watch', 'demo/dist/serve.js'], env },
  { command: 'npm', args: ['run', 'dev', '-w', 'studio'] },
]);
