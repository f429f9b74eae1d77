// A form with steps, conditions and a sum, on a processor slowed to a quarter: how long it takes from a key until the sum stands
// in the page, laid out. Beside it, a plain field of the same page.
import { demo, withDemo } from './serve.mjs';
import { figure, median } from './lib.mjs';

const keys = 60;
const slowed = 4;

/** From the input event until the page is laid out with what it changes, ms, key by key. */
const typed = (field, shown, count) => {
  const root = [...document.querySelectorAll('*')].find(({ shadowRoot }) =>
    shadowRoot?.querySelector(field),
  )?.shadowRoot;
  const input = (root ?? document).querySelector(field);
  const output = (root ?? document).querySelector(shown);
  return Array.from({ length: count }, (_, at) => {
    const start = performance.now();
    input.value = String(10 + at);
    input.dispatchEvent(new window.Event('input', { bubbles: true, composed: true }));
    output.getBoundingClientRect();
    return performance.now() - start;
  });
};

export default function form() {
  return withDemo(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const client = await page.context().newCDPSession(page);
    await page.goto(`${demo}/contact/`);
    await page.getByRole('link', { name: 'Ask for a group visit' }).click();
    await page.getByLabel('Number of children').waitFor();
    await page.evaluate(() => {
      const plain = document.createElement('input');
      plain.id = 'plain';
      document.body.append(plain);
    });
    await client.send('Emulation.setCPUThrottlingRate', { rate: slowed });
    const run = `(${typed.toString()})`;
    const own = await page.evaluate(`${run}('[name=children]', 'output', ${keys})`);
    const plain = await page.evaluate(`${run}('#plain', '#plain', ${keys})`);
    await page.close();
    const name = `form: a key until the sum is laid out, median of ${keys}, at a ${slowed}th of the speed`;
    return [figure(name, median(own), 'ms', median(plain), 16)];
  });
}
