// Traffic played through a site of twenty widgets by the studio's own workers in the browser, beside an empty loop over the same
// visitors; and a page plan of 200 pages and 100 widgets by the studio's worker, beside one of 20 and 10.
import { fileURLToPath } from 'node:url';
import { usualTraffic } from '@sirene/core/rehearse/traffic';
import { build } from 'vite';
import { launch } from './browser.mjs';
import { pagesOf, widgetsOf } from './large-site.mjs';
import { figure, median } from './lib.mjs';

const policy = { quietGap: 10, perPage: null, perVisit: 3, waiting: 'later' };
const start = Date.UTC(2026, 10, 2);
const traffic = {
  model: { ...usualTraffic, visitors: 5000 },
  pages: pagesOf(30),
  widgets: widgetsOf(20),
  policy,
  start,
  zone: [[0, 0]],
};
const planOf = (pages, widgets) => ({
  pages: pagesOf(pages),
  widgets: widgetsOf(widgets),
  policy,
  now: start,
});
/** After the first, in which the browser gets to know the code. */
const rounds = 11;

const workers = {
  play: '../studio/src/widgets/traffic/traffic-worker.ts',
  empty: 'traffic-empty-worker.mjs',
  plan: '../studio/src/widgets/plan/plan-worker.ts',
};

async function built(file) {
  const [{ output }] = await build({
    configFile: false,
    logLevel: 'error',
    build: {
      write: false,
      minify: true,
      lib: { entry: fileURLToPath(new URL(file, import.meta.url)), formats: ['es'], fileName: 'worker' },
    },
  });
  return output[0].code;
}

/** A page from which the workers can be started, by their names. */
async function pageWith(browser) {
  const page = await browser.newPage();
  const scripts = new Map();
  for (const [name, file] of Object.entries(workers)) scripts.set(`/${name}.js`, await built(file));
  await page.route('**/*', (route) => {
    const body = scripts.get(new URL(route.request().url()).pathname);
    return route.fulfill({ body: body ?? '', contentType: body ? 'text/javascript' : 'text/html' });
  });
  await page.goto('http://bench.example/');
  return page;
}

/** Visits a second, in each of so many rounds: the visitors are played by as many workers as the studio has, which stay. */
const rates = (page, worker) =>
  page.evaluate(
    async ([name, input, wanted]) => {
      const many = Math.min(4, navigator.hardwareConcurrency);
      const crew = Array.from({ length: many }, () => new Worker(`/${name}.js`, { type: 'module' }));
      const played = (one, part, play) =>
        new Promise((done) => {
          const visitors = Math.ceil((input.model.visitors - part.at) / part.of);
          one.onmessage = ({ data }) => data.count.visitors === visitors && done(data.count.visits);
          one.postMessage({ play, input, part });
        });
      const all = [];
      for (let round = 0; round < wanted; round++) {
        const before = performance.now();
        const visits = await Promise.all(crew.map((one, at) => played(one, { of: many, at }, round + 1)));
        const seconds = (performance.now() - before) / 1000;
        all.push(visits.reduce((sum, count) => sum + count, 0) / seconds);
      }
      for (const one of crew) one.terminate();
      return all;
    },
    [worker, traffic, rounds],
  );

/** How long a worker that has just been started takes for a plan, ms. */
const planned = (page, input) =>
  page.evaluate(async (asked) => {
    const before = performance.now();
    const worker = new Worker('/plan.js', { type: 'module' });
    let clashes = 0;
    await new Promise((done) => {
      worker.onmessage = ({ data }) => {
        for (const row of data.rows) clashes += row.clashes.length;
        if (data.done) done();
      };
      worker.postMessage(asked);
    });
    worker.terminate();
    if (clashes === 0) throw new Error('Nothing clashes');
    return performance.now() - before;
  }, input);

export default async function measured() {
  const browser = await launch();
  try {
    const page = await pageWith(browser);
    const [first, ...others] = await rates(page, 'play');
    const [firstBare, ...bare] = await rates(page, 'empty');
    const plans = [];
    for (let run = 0; run < 5; run++)
      plans.push([await planned(page, planOf(200, 100)), await planned(page, planOf(20, 10))]);
    const [whole, small] = [0, 1].map((at) => median(plans.map((one) => one[at])));
    return [
      figure(
        'traffic: visits a second through 20 widgets, by the workers of a view that is open',
        median(others),
        '/s',
        median(bare),
        20_000,
        { atLeast: true },
      ),
      figure('traffic: the same, by workers that have just been started', first, '/s', firstBare),
      figure('plan: 200 pages × 100 widgets, beside 20 × 10', whole, 'ms', small, 1000),
    ];
  } finally {
    await browser.close();
  }
}
