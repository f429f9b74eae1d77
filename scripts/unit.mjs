// Runs the tests of core, server, embed, studio and demo: npm run test:unit -- [paths] [options of Jest]. Ends with Jest's exit code.
import { spawnSync } from 'node:child_process';
import { root } from './lib.mjs';

const options = [
  '--experimental-vm-modules',
  '--enable-source-maps',
  '--no-warnings',
  `--import=${new URL('jest/register.mjs', import.meta.url).href}`,
];
const { status } = spawnSync('npx', ['jest', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, NODE_OPTIONS: options.join(' ') },
});
process.exit(status ?? 1);
