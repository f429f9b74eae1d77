// Traffic played through a site of twenty widgets, beside an empty loop over the same visitors; and a page plan of 200 pages and
// 100 widgets.
import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { pagePlan } from '@sirene/core/rehearse/plan';
import { seeded, seedOf } from '@sirene/core/base/random';
import { likelyWays, makeVisitor, resultOf, usualTraffic, waysOf } from '@sirene/core/rehearse/traffic';
import { pagesOf, widgetsOf } from './large-site.mjs';
import { figure, median } from './lib.mjs';

const policy = { quietGap: 10, perPage: null, perVisit: 3, waiting: 'later' };
const start = Date.UTC(2026, 10, 2);
const zone = [[0, 0]];
const visitors = 5000;

const threads = Math.min(4, availableParallelism());
const input = () => ({
  model: { ...usualTraffic, visitors },
  pages: pagesOf(30),
  widgets: widgetsOf(20),
  policy,
  start,
  zone,
});

/** The visitors played by as many workers as the studio has. */
async function played(workers) {
  const before = performance.now();
  const counts = await Promise.all(
    workers.map((worker, at) => {
      worker.postMessage({ input: input(), part: { of: workers.length, at } });
      return once(worker, 'message').then(([count]) => count);
    }),
  );
  return { time: performance.now() - before, visits: resultOf(counts).visits };
}

function empty() {
  const pages = pagesOf(30);
  const ways = waysOf(pages, likelyWays(pages));
  const before = performance.now();
  let stays = 0;
  for (let count = 0; count < visitors; count++) {
    const random = seeded(seedOf(1, count));
    for (const { pages: list } of makeVisitor(random, usualTraffic, pages, ways, { start, zone }).visits)
      stays += list.length;
  }
  if (stays === 0) throw new Error('Nobody came');
  return performance.now() - before;
}

function planned(pages, widgets) {
  const before = performance.now();
  let clashes = 0;
  for (const row of pagePlan({ pages: pagesOf(pages), widgets: widgetsOf(widgets), policy, now: start }))
    clashes += row.clashes.length;
  if (clashes === 0) throw new Error('Nothing clashes');
  return performance.now() - before;
}

export default async function traffic() {
  const workers = Array.from(
    { length: threads },
    () => new Worker(new URL('traffic-worker.mjs', import.meta.url)),
  );
  const runs = [];
  for (let run = 0; run < 7; run++) runs.push({ ...(await played(workers)), bare: empty() });
  for (const worker of workers) await worker.terminate();
  const rate = median(runs.map(({ time, visits }) => visits / (time / 1000)));
  const bare = median(runs.map(({ bare: time, visits }) => visits / (time / 1000)));
  const plans = Array.from({ length: 5 }, () => [planned(200, 100), planned(20, 10)]);
  return [
    figure(`traffic: visits a second through 20 widgets, by ${threads} workers`, rate, '/s', bare, 20_000, {
      atLeast: true,
    }),
    figure(
      'plan: 200 pages × 100 widgets, beside 20 × 10',
      median(plans.map(([whole]) => whole)),
      'ms',
      median(plans.map(([, small]) => small)),
      1000,
    ),
  ];
}
