// npm run types: checks the types of everything, tests included.
import { run, say } from './lib.mjs';

say('Checking types');
run('npx', ['tsc', '-b', 'core', 'server', 'demo']);
// In one program, with the tests: what five would read five times is read once.
run('npx', ['tsc', '-p', 'tsconfig.tests.json']);
run('npx', ['tsc', '-p', 'e2e', '--noEmit']);
