// Looks for files, exports and dependencies that nothing uses, as part of npm run lint.
import { spawnSync } from 'node:child_process';
import { root } from './lib.mjs';

const { status } = spawnSync('npx', ['knip'], { cwd: root, stdio: 'inherit' });
if (status !== 0) {
  console.error(
    'Nothing uses what is listed above: remove it, or take the word export away where its own file alone uses it.',
  );
  process.exit(status ?? 1);
}
