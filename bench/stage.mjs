// From a key press or a step of a size in the inspector to the stage showing it, for documents of 150 and of 1000 elements,
// beside the same change made by hand on the mounted DOM.
import { largeDocument } from './documents.mjs';
import { studio, withDemo } from './serve.mjs';
import { figure, median, quantile } from './lib.mjs';

const steps = 60;

/** How many elements a document has, and the limits of the median and the 95th percentile, ms. */
const sizes = [
  [150, 16, 50],
  [1000, 33, 70],
];

async function makeWidget(page, elements) {
  return page.evaluate(async (document) => {
    const json = (path, body) =>
      fetch(path, {
        ...(body && { method: 'POST', body: JSON.stringify(body) }),
        headers: { 'content-type': 'application/json' },
      }).then((answer) => answer.json());
    const [site] = await json('/api/sites');
    return (await json(`/api/sites/${site.id}/widgets`, { name: 'Large', document })).id;
  }, largeDocument(elements));
}

/** Gets ready to time from the arrival of an event to the frame after the stage has changed, in the studio's own page. */
async function watch(page) {
  await page.evaluate(() => {
    const frame = document.querySelector('iframe[title]').contentDocument;
    const host = [...frame.body.children].find((child) => child.shadowRoot);
    const root = host.shadowRoot;
    const heading = root.querySelector('[data-e=tg0]');
    const size = () => frame.defaultView.getComputedStyle(heading).fontSize;
    const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    window.times = [];
    let words = heading.textContent;
    let before = size();
    const begin = (event) => {
      const start = event.timeStamp;
      // Asked for before any other listener has run: the first frame that shows the change is the one that counts.
      const look = () => {
        if (heading.textContent === words && size() === before) return requestAnimationFrame(look);
        [words, before] = [heading.textContent, size()];
        setTimeout(() => window.times.push(performance.now() - start));
      };
      requestAnimationFrame(look);
    };
    // A number is stepped by its field itself, which makes no input event.
    addEventListener('input', begin, true);
    addEventListener('keydown', (event) => event.key.startsWith('Arrow') && begin(event), true);
    window.wordsByHand = async () => {
      const start = performance.now();
      heading.firstChild.nodeValue += 'x';
      await painted();
      return performance.now() - start;
    };
    window.sizeByHand = async (at) => {
      const start = performance.now();
      heading.style.fontSize = `${20 + (at % 10)}px`;
      await painted();
      return performance.now() - start;
    };
  });
}

async function stepped(page, step, byHand) {
  await page.evaluate('window.times = []');
  for (let at = 0; at < steps; at++) {
    await step(at);
    await page.waitForFunction((count) => window.times.length >= count, at + 1);
    await page.waitForTimeout(30);
  }
  const edited = await page.evaluate('times');
  const hand = [];
  for (let at = 0; at < steps; at++) hand.push(await page.evaluate(`${byHand}(${at})`));
  return [edited, hand];
}

const figures = (what, [elements, most, late], [edited, hand]) => [
  figure(
    `stage: ${what} to repainted stage, ${elements} elements, median`,
    median(edited),
    'ms',
    median(hand),
    most,
  ),
  figure('stage: the same, 95th percentile', quantile(edited, 0.95), 'ms', quantile(hand, 0.95), late),
];

export default function stage() {
  return withDemo(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(studio);
    await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
    await page.getByRole('table').waitFor();
    const all = [];
    for (const size of sizes) all.push(...(await measured(page, size)));
    return all;
  });
}

async function measured(page, size) {
  await page.goto(`${studio}/widgets/${await makeWidget(page, size[0])}`);
  await page.getByRole('treeitem', { name: 'Heading g0' }).click();
  await page.frameLocator('iframe[title]').getByText('Heading g0').waitFor();
  await watch(page);
  await page.getByRole('textbox', { name: 'Text', exact: true }).focus();
  await page.keyboard.press('End');
  const typed = await stepped(page, () => page.keyboard.press('x'), 'wordsByHand');
  await page.getByRole('textbox', { name: 'Font size' }).focus();
  const drawn = await stepped(
    page,
    (at) => page.keyboard.press(at % 20 < 10 ? 'ArrowUp' : 'ArrowDown'),
    'sizeByHand',
  );
  return [...figures('key press', size, typed), ...figures('step of a size', size, drawn)];
}
