// The page plan of a large site in the studio: how soon it is first painted, and how long the longest task is while it is
// scrolled. Beside it, as many plain cells.
import { figure, median } from './lib.mjs';
import { longestTask } from './browser.mjs';
import { pagesOf, widgetsOf } from './large-site.mjs';
import { studio, withDemo } from './serve.mjs';

const [pages, widgets] = [pagesOf(200), widgetsOf(100)];
// What the machine does beside it must not decide.
const rounds = 7;

/** The server's answers, for a site that is larger than the demo's. */
async function enlarge(page) {
  const answers = {
    rules: widgets.map((one) => ({ ...one, name: `Widget ${one.id}`, published: true, standalone: false })),
    pages: pages.map((one, at) => ({ ...one, id: `p${at}`, title: `Page ${at}`, storedAt: 0 })),
    'seen-pages': [],
  };
  for (const [name, body] of Object.entries(answers))
    await page.route(`${studio}/api/sites/*/${name}`, (route) => route.fulfill({ json: body }));
}

/** From the press until the first cells have been painted with what is known of them, ms. */
const firstPaint = (page) =>
  page.evaluate(async () => {
    const tab = [...document.querySelectorAll('button,a,label')].find(
      ({ textContent }) => textContent.trim() === 'Page plan',
    );
    const start = performance.now();
    tab.click();
    while (!document.querySelector('[role=grid] [role=gridcell]')) await new Promise(requestAnimationFrame);
    await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    return performance.now() - start;
  });

async function plainCells(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const start = performance.now();
  const row = `<tr>${'<td style="min-width:96px">some</td>'.repeat(widgets.length)}</tr>`;
  await page.setContent(
    `<div id="all" style="height:600px;overflow:auto"><table>${row.repeat(pages.length)}</table></div>`,
  );
  const shown = performance.now() - start;
  const task = await longestTask(page, '#all', [80, 40]);
  await page.close();
  return [shown, task];
}

export default function plan() {
  return withDemo(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await enlarge(page);
    await page.goto(studio);
    await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
    await page.getByRole('table').waitFor();
    const paints = [];
    const [tasks, plain] = [[], []];
    for (let round = 0; round < rounds; round++) {
      paints.push(await firstPaint(page));
      // The plan is worked out meanwhile; what is scrolled then is the whole of it.
      await page.waitForTimeout(1500);
      tasks.push(await longestTask(page, '[role=grid]', [80, 40]));
      await page.getByText('List', { exact: true }).click();
      await page.getByRole('table').waitFor();
      plain.push(await plainCells(browser));
    }
    const [cellsShown, cellsTask] = [0, 1].map((at) => median(plain.map((one) => one[at])));
    return [
      figure('plan: first paint of 200 pages × 100 widgets', median(paints), 'ms', cellsShown, 300),
      figure('plan: longest task while it is scrolled', median(tasks), 'ms', cellsTask, 50),
    ];
  });
}
