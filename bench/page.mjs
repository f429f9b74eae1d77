// A page of the demo site with the script, beside the same page with an empty one, on a processor slowed to a quarter: how
// long the main thread works (paints are noise on a machine that is shared), layout shift, long tasks.
import { demo, studio, withDemo } from './serve.mjs';
import { figure, interval, median } from './lib.mjs';

const path = '/journal/dark-adaptation/';
const pairs = 30;
const slowed = 4;

async function visit(browser, isEmpty) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  if (isEmpty)
    await page.route(`${studio}/s/*`, (route) => route.fulfill({ contentType: 'text/javascript', body: '' }));
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
    return metrics.find(({ name }) => name === 'TaskDuration').value * 1000;
  };
  await page.goto(demo + path, { waitUntil: 'load' });
  await page.waitForTimeout(800);
  const loaded = await worked();
  if (!isEmpty) {
    await page.evaluate('sirene.open("sky-letter")');
    await page.getByRole('dialog').waitFor();
  }
  await page.waitForTimeout(600);
  const seen = await page.evaluate(() => ({ ...window.seen }));
  await context.close();
  return { loaded, ...seen };
}

export default function page() {
  return withDemo(async (browser) => {
    const samples = { with: [], without: [] };
    // One pair that is not counted, then pairs in turn, each order as often as the other.
    for (let pair = -1; pair < pairs; pair++) {
      const found = {};
      for (const isEmpty of pair % 2 === 0 ? [false, true] : [true, false])
        found[isEmpty ? 'without' : 'with'] = await visit(browser, isEmpty);
      if (pair < 0) continue;
      samples.with.push(found.with);
      samples.without.push(found.without);
    }
    const of = (which, key) => samples[which].map((sample) => sample[key]);
    const added = (key) => of('with', key).map((value, at) => value - of('without', key)[at]);
    const { mean, from, to } = interval(added('loaded'));
    const ends = `95 % interval ${from.toFixed(1)} to ${to.toFixed(1)}`;
    return [
      figure(
        `page: main-thread time that the script adds until a page stands, at a ${slowed}th of the speed (${ends})`,
        mean,
        'ms',
        median(of('without', 'loaded')),
      ),
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
