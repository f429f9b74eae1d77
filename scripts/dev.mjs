// npm run dev: server and studio with reload, on the demo's data. Open the address that Vite prints.
import { mkdirSync } from 'node:fs';
import { ensurePackages, run, say, together } from './lib.mjs';

ensurePackages();
say('Building once');
run('npx', ['tsc', '-b', 'core', 'server', 'demo']);
run('npm', ['run', 'build', '-w', 'embed', '--silent']);
mkdirSync('data', { recursive: true });
const env = { SIRENE_DEMO: '1' };
say('Watching');
together([
  { command: 'npx', args: ['tsc', '-b', '--watch', '--preserveWatchOutput', 'core', 'server', 'demo'] },
  { command: process.execPath, args: ['--watch', '--enable-source-maps', 'server/dist/main.js'], env },
  { command: process.execPath, args: ['--watch', 'demo/dist/serve.js'], env },
  { command: 'npm', args: ['run', 'dev', '-w', 'studio'] },
]);
