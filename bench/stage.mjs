// From a key press in the inspector to the stage showing it, for a document of 40 elements, beside the same change
// made by hand on the mounted DOM.
import { studio, withDemo } from './serve.mjs';
import { figure, median, quantile } from './lib.mjs';

const presses = 60;

/** A widget of forty elements: groups of a heading, a paragraph and two buttons. */
function large() {
  const elements = { thanks: { type: 'group', direction: 'column', children: [] } };
  const groups = Array.from({ length: 8 }, (_, at) => `g${at}`);
  elements.opening = { type: 'group', direction: 'column', children: groups };
  for (const group of groups) {
    const children = ['t', 'p', 'a', 'b'].map((kind) => kind + group);
    elements[group] = { type: 'group', direction: 'row', children };
    elements[children[0]] = {
      type: 'text',
      level: 3,
      content: [{ text: `Heading ${group}` }],
      style: { box: { base: { fontSize: 20 } } },
    };
    elements[children[1]] = {
      type: 'text',
      level: 0,
      content: [{ text: 'Some words that fill a line or two.' }],
    };
    for (const button of children.slice(2)) {
      elements[button] = {
        type: 'button',
        label: 'Go on',
        action: { type: 'close' },
        wide: false,
        style: { box: { base: { radius: 4 } } },
      };
    }
  }
  return elements;
}

async function makeWidget(page) {
  return page.evaluate(async (elements) => {
    const json = (path, body) =>
      fetch(path, {
        ...(body && { method: 'POST', body: JSON.stringify(body) }),
        headers: { 'content-type': 'application/json' },
      }).then((answer) => answer.json());
    const [site] = await json('/api/sites');
    const [existing] = await json(`/api/sites/${site.id}/widgets`);
    const document = {
      ...existing.document,
      scenes: { opening: { root: 'opening' }, thanks: { root: 'thanks' } },
      elements,
    };
    return (await json(`/api/sites/${site.id}/widgets`, { name: 'Large', document })).id;
  }, large());
}

/** Time from the key's arrival to the frame after the stage has changed, both in the studio's own page. */
async function measure(page) {
  await page.evaluate(() => {
    const frame = document.querySelector('iframe').contentDocument;
    const host = [...frame.body.children].find((child) => child.shadowRoot);
    const heading = host.shadowRoot.querySelector('[data-e=tg0]');
    window.times = [];
    const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    addEventListener(
      'keydown',
      () => {
        const start = performance.now();
        new MutationObserver(async (_, observer) => {
          observer.disconnect();
          await painted();
          window.times.push(performance.now() - start);
        }).observe(heading, { childList: true, characterData: true, subtree: true });
      },
      true,
    );
    window.byHand = async () => {
      const start = performance.now();
      heading.firstChild.nodeValue += 'x';
      await painted();
      return performance.now() - start;
    };
  });
  const words = page.getByRole('textbox', { name: 'Words' });
  await words.focus();
  await page.keyboard.press('End');
  for (let press = 0; press < presses; press++) {
    await page.keyboard.press('x');
    await page.waitForFunction((count) => window.times.length >= count, press + 1);
    await page.waitForTimeout(30);
  }
  const byHand = [];
  for (let press = 0; press < presses; press++) byHand.push(await page.evaluate('byHand()'));
  return [await page.evaluate('times'), byHand];
}

export default function stage() {
  return withDemo(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(studio);
    await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
    await page.getByRole('table').waitFor();
    await page.goto(`${studio}/widgets/${await makeWidget(page)}`);
    await page.getByRole('treeitem', { name: 'Heading g0' }).click();
    await page.frameLocator('iframe').getByText('Heading g0').waitFor();
    const [typed, byHand] = await measure(page);
    return [
      figure('stage: key press to repainted stage, 40 elements, median', median(typed), 'ms', median(byHand)),
      figure('stage: the same, 95th percentile', quantile(typed, 0.95), 'ms', quantile(byHand, 0.95), 50),
    ];
  });
}
