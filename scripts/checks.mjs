// npm run lint: everything about the sources that needs no browser: types, rules, format, what nothing uses.
import { spawn } from 'node:child_process';
import { root, say } from './lib.mjs';

const compile = "import { compilePackages } from './scripts/lib.mjs'; compilePackages();";

// Two at a time, as CI has two cores, beside the compiler of what only the last check needs; each says what it found when it
// ends, so that nothing is mixed.
const lanes = [
  [['npx', ['eslint', '.']]],
  [
    [process.execPath, ['scripts/types.mjs']],
    // The rules that ask for types, by the native compiler. What nobody waits for ends somewhere: in a
    // catch, or in the studio's inBackground().
    ['npx', ['oxlint', '--type-aware', ...'core embed server studio demo e2e'.split(' ')]],
    ['npx', ['prettier', '--check', '.']],
    [process.execPath, ['scripts/unused.mjs']],
  ],
  [[process.execPath, ['--input-type=module', '-e', compile]]],
];

const check = ([command, args]) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (output += text));
    child.on('close', (code) => {
      console.log(output.trim());
      resolve(code);
    });
  });

say('Checking types, rules, format and what nothing uses');
const codes = await Promise.all(
  lanes.map(async (lane) => {
    const results = [];
    for (const one of lane) results.push(await check(one));
    return results;
  }),
);
// What the server says of itself is asked of the server, once it is built and its packages are there.
codes.push(await check([process.execPath, ['scripts/api-types.mjs', '--check']]));
process.exitCode = codes.flat().some((code) => code !== 0) ? 1 : 0;
