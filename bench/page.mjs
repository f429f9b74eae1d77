// A page of the demo site with the script, beside the same page without it, on a processor slowed to a quarter: paints,
// layout shift, long tasks.
import { demo, withDemo } from './serve.mjs';
import { figure, median } from './lib.mjs';

const path = '/journal/dark-adaptation/';
const pairs = 15;

async function visit(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.addInitScript(() => {
    window.seen = { shift: 0, long: 0, largest: 0 };
    const watch = (type, note) =>
      new PerformanceObserver((list) => list.getEntries().forEach(note)).observe({ type, buffered: true });
    watch('layout-shift', (entry) => (window.seen.shift += entry.value));
    watch('longtask', () => window.seen.long++);
    watch('largest-contentful-paint', (entry) => (window.seen.largest = entry.startTime));
  });
  await page.goto(address, { waitUntil: 'load' });
  // The letter comes when the visitor makes to leave: mounting it is part of what is measured.
  await page.waitForTimeout(1200);
  const before = await page.evaluate(() => ({
    ...window.seen,
    first: performance.getEntriesByName('first-contentful-paint')[0].startTime,
  }));
  if (!address.includes('plain')) {
    await page.evaluate('sirene.open("sky-letter")');
    await page.getByRole('dialog').waitFor();
    await page.waitForTimeout(600);
  }
  const after = await page.evaluate(() => ({ ...window.seen }));
  await context.close();
  return { first: before.first, largest: before.largest, shift: after.shift, long: after.long };
}

export default function page() {
  return withDemo(async (browser) => {
    const samples = { with: [], without: [] };
    // One pair that is not counted, then pairs in turn, each order as often as the other.
    for (let pair = -1; pair < pairs; pair++) {
      const both = [() => visit(browser, demo + path), () => visit(browser, `${demo}${path}?plain`)];
      const order = pair % 2 === 0 ? [0, 1] : [1, 0];
      const found = [];
      for (const which of order) found[which] = await both[which]();
      if (pair >= 0) {
        samples.with.push(found[0]);
        samples.without.push(found[1]);
      }
    }
    const of = (list, key) => list.map((sample) => sample[key]);
    const compare = (key) =>
      figure(
        `page: ${key === 'first' ? 'first' : 'largest'} contentful paint, with and without the script`,
        median(of(samples.with, key)),
        'ms',
        median(of(samples.without, key)),
        1.03,
        { judge: 'ratio' },
      );
    const most = (list, key) => Math.max(...of(list, key));
    return [
      compare('first'),
      compare('largest'),
      figure(
        'page: layout shift, widget shown',
        most(samples.with, 'shift'),
        'score',
        most(samples.without, 'shift'),
        0,
      ),
      figure(
        'page: long tasks more than without the script',
        median(of(samples.with, 'long')) - median(of(samples.without, 'long')),
        'tasks',
        median(of(samples.without, 'long')),
        0,
      ),
    ];
  });
}
