// npm run visitors: keeps the demo's desk busy until it is stopped. Options: --seed 1 --at-once 3 --speed 1 --visits 100
import { parseArgs } from 'node:util';
import { playVisitors } from './visitors/run.js';

const { values } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    'at-once': { type: 'string', default: '3' },
    speed: { type: 'string', default: '1' },
    visits: { type: 'string', default: '100' },
  },
});

/** An option as a whole number of at least one. */
function number(name: keyof typeof values): number {
  const value = Number(values[name]);
  if (Number.isInteger(value) && value >= 1) return value;
  console.error(`--${name} must be a whole number of at least 1, such as --${name} 3.`);
  process.exit(2);
}

const studio = `http://localhost:${process.env['SIRENE_PORT'] || 4300}`;
const site = `http://localhost:${process.env['SIRENE_DEMO_PORT'] || 4310}`;
const [seed, atOnce, speed, visits] = [number('seed'), number('at-once'), number('speed'), number('visits')];
console.log(`Visitors write to the desks of the demo. Answer them at ${studio}/desk (Ctrl C stops them).`);
playVisitors({ studio, site, key: 'larkmoor', seed, atOnce, speed, visits, tell: console.log }).catch(
  (error: unknown) => {
    console.error(
      `The visitors stopped: ${(error as Error).message}. Is the demo running at ${studio}? Start it with npm run demo.`,
    );
    process.exitCode = 1;
  },
);
