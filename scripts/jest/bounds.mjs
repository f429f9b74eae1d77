// jest-light-runner keeps no time: a test or hook that hangs would hang the whole run. Each gets Jest's own bound, or the one it names.
import { addEventHandler } from 'jest-circus';

const { setTimeout, clearTimeout } = globalThis;
let bound = 5000;

/** How long a test may take that names no time of its own, in ms. */
export const setBound = (ms) => (bound = ms);

const bounded =
  (fn, ms = bound) =>
  async () => {
    let timer;
    const late = new Promise((_, reject) => {
      timer = setTimeout(() => reject(new Error(`Not done after ${ms} ms`)), ms);
    });
    try {
      await Promise.race([fn(), late]);
    } finally {
      clearTimeout(timer);
    }
  };

addEventHandler((event, { currentDescribeBlock: block }) => {
  const added = { add_test: block.children.at(-1), add_hook: block.hooks.at(-1) }[event.name];
  if (added?.fn) added.fn = bounded(added.fn, added.timeout);
});

// What a test left running would keep its process, and with it the run.
process.once('disconnect', () => process.exit());
