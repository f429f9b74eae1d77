// A page of the demo site with the script, beside the same page with an empty one of the same size, on a processor slowed to
// a quarter: how long the main thread works for script, style and layout, layout shift, long tasks.
import { demo, studio, withDemo } from './serve.mjs';
import { figure, median, medianOfPairs } from './lib.mjs';

const path = '/journal/dark-adaptation/';
const pairs = 30;
const slowed = 4;

/** How long a page is scrolled, s, by so many turns of the wheel. */
const scrolled = { seconds: 1, turns: 20 };

async function visit(browser, isEmpty, size) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  if (isEmpty)
    await page.route(`${studio}/s/*`, (route) =>
      route.fulfill({ contentType: 'text/javascript', body: `/*${' '.repeat(size)}*/` }),
    );
  const client = await context.newCDPSession(page);
  await client.send('Performance.enable');
  await client.send('Emulation.setCPUThrottlingRate', { rate: slowed });
  await page.addInitScript(() => {
    window.seen = { shift: 0, long: 0 };
    const watch = (type, note) =>
      new PerformanceObserver((list) => list.getEntries().forEach(note)).observe({ type, buffered: true });
    watch('layout-shift', (entry) => (window.seen.shift += entry.value));
    watch('longtask', () => window.seen.long++);
  });
  const worked = async () => {
    const { metrics } = await client.send('Performance.getMetrics');
    // Not all of the tasks: painting, and what the browser does for itself, differ by more than a script costs.
    const of = (wanted) => metrics.find(({ name }) => name === wanted).value;
    return (of('ScriptDuration') + of('LayoutDuration') + of('RecalcStyleDuration')) * 1000;
  };
  await page.goto(demo + path, { waitUntil: 'load' });
  await page.waitForTimeout(800);
  const loaded = await worked();
  await page.mouse.move(640, 400);
  for (let turn = 0; turn < scrolled.turns; turn++) {
    await page.mouse.wheel(0, 20);
    await page.waitForTimeout((scrolled.seconds * 1000) / scrolled.turns);
  }
  const scrolling = (await worked()) - loaded;
  if (!isEmpty) {
    await page.evaluate('sirene.open("sky-letter")');
    await page.getByRole('dialog').waitFor();
  }
  await page.waitForTimeout(600);
  const seen = await page.evaluate(() => ({ ...window.seen }));
  await context.close();
  return { loaded, scrolling, ...seen };
}

export default function page() {
  return withDemo(async (browser) => {
    const size = (await (await fetch(`${studio}/s/larkmoor.js`)).text()).length;
    const samples = { with: [], without: [] };
    // One pair that is not counted, then pairs in turn, each order as often as the other.
    for (let pair = -1; pair < pairs; pair++) {
      const found = {};
      for (const isEmpty of pair % 2 === 0 ? [false, true] : [true, false])
        found[isEmpty ? 'without' : 'with'] = await visit(browser, isEmpty, size);
      if (pair < 0) continue;
      samples.with.push(found.with);
      samples.without.push(found.without);
    }
    const of = (which, key) => samples[which].map((sample) => sample[key]);
    const added = (key) => of('with', key).map((value, at) => value - of('without', key)[at]);
    const more = (key, what, limit) => {
      const { middle, from, to } = medianOfPairs(added(key));
      const ends = `95 % interval ${from.toFixed(1)} to ${to.toFixed(1)}`;
      return figure(
        `page: main-thread time that the script adds ${what}, at a ${slowed}th of the speed (${ends})`,
        middle,
        'ms',
        median(of('without', key)),
        limit,
      );
    };
    return [
      more('loaded', 'until a page is idle', 15),
      more('scrolling', `in ${scrolled.seconds} s of scrolling`, 1),
      figure(
        'page: layout shift more than with an empty script, a widget shown',
        Math.max(...added('shift')),
        'score',
        Math.max(...of('without', 'shift')),
        // Less than can be seen: the browser rounds where things stand.
        0.001,
      ),
      figure(
        'page: long tasks more than with an empty script, a widget shown',
        median(added('long')),
        'tasks',
        median(of('without', 'long')),
        0,
      ),
    ];
  });
}
