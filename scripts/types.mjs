// npm run types: checks the types of everything, tests included.
import { run, say } from './lib.mjs';

say('Checking types');
run('npx', ['tsc', '-b', 'core', 'server', 'demo']);
for (const workspace of ['core', 'server', 'embed', 'studio', 'demo'])
  run('npx', ['tsc', '-p', `${workspace}/tsconfig.test.json`]);
run('npx', ['tsc', '-p', 'e2e', '--noEmit']);
