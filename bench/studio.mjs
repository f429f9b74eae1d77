// What the studio loads first, the gallery of 200 starters and the table of 1 000 widgets: how soon their first screen
// stands, and how long the longest task is while they are scrolled. Beside each, a page of as many plain rows.
import { gzipSync } from 'node:zlib';
import { figure, median } from './lib.mjs';
import { studio, withDemo } from './serve.mjs';

const starters = 165;
const widgets = 1000;

/** Fills the demo's site with as many widgets and starters as are wanted. */
async function fill(page) {
  await page.evaluate(
    async ([widgetCount, starterCount]) => {
      const send = async (path, body) => {
        const answer = await fetch(path, {
          ...(body && { method: 'POST', body: JSON.stringify(body) }),
          headers: { 'content-type': 'application/json' },
        });
        return answer.json();
      };
      const [site] = await send('/api/sites');
      const listed = await send(`/api/sites/${site.id}/widgets`);
      const models = await Promise.all(listed.map(({ id }) => send(`/api/widgets/${id}`)));
      for (let at = listed.length; at < widgetCount; at++) {
        const { document } = models[at % models.length];
        await send(`/api/sites/${site.id}/widgets`, { name: `${document.name} ${at}`, document });
      }
      for (let at = 0; at < starterCount; at++) {
        const widget = listed[at % listed.length].id;
        await send(`/api/sites/${site.id}/starters`, { widget, purpose: 'sell', says: `Number ${at}.` });
      }
    },
    [widgets, starters],
  );
}

/** Opens a place within the studio, and measures until its first screen of previews has been painted, ms. */
async function firstScreen(page, name, ready) {
  const times = [];
  for (let round = 0; round < 5; round++) {
    await page.getByRole('link', { name: 'Site', exact: true }).click();
    await page.getByRole('heading', { name: 'Site', level: 1 }).waitFor();
    times.push(
      await page.evaluate(
        async ([link, wanted]) => {
          const start = performance.now();
          history.pushState(null, '', link);
          dispatchEvent(new PopStateEvent('popstate', { state: null }));
          const drawn = () =>
            [...document.querySelectorAll('main [inert]')].filter(
              (one) => one.getBoundingClientRect().top < innerHeight && one.shadowRoot?.childElementCount,
            ).length;
          while (drawn() < wanted) await new Promise(requestAnimationFrame);
          await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
          return performance.now() - start;
        },
        [name, ready],
      ),
    );
  }
  return median(times.slice(1));
}

/** The longest task while the page is scrolled to its end and back, ms. */
async function longest(page) {
  return page.evaluate(async () => {
    let most = 0;
    const observer = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) most = Math.max(most, duration);
    });
    observer.observe({ type: 'longtask' });
    const end = document.documentElement.scrollHeight - innerHeight;
    for (let step = 0; step <= 120; step++) {
      scrollTo(0, Math.min(step * 240, end));
      await new Promise(requestAnimationFrame);
    }
    await new Promise((done) => setTimeout(done, 300));
    observer.disconnect();
    return most;
  });
}

/** The same for a page of plain rows, which no script draws. */
async function plainRows(browser, count) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const start = performance.now();
  await page.setContent(
    `<table>${Array.from({ length: count }, (_, at) => `<tr style="height:106px"><td>Row ${at}</td></tr>`).join('')}</table>`,
  );
  const shown = performance.now() - start;
  const task = await longest(page);
  await page.close();
  return [shown, task];
}

async function firstLoad(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  let bytes = 0;
  const read = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script')
      read.push(response.body().then((body) => (bytes += gzipSync(body, { level: 9 }).length)));
  });
  await page.goto(studio);
  await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
  await page.getByRole('table').waitFor();
  await page.waitForLoadState('networkidle');
  await Promise.all(read);
  return [page, bytes / 1000];
}

export default function places() {
  return withDemo(async (browser) => {
    const [page, kilobytes] = await firstLoad(browser);
    await fill(page);
    await page.reload();
    await page.getByRole('table').waitFor();
    const table = await firstScreen(page, '/widgets', 6);
    const tableTask = await longest(page);
    const gallery = await firstScreen(page, '/starters', 8);
    const galleryTask = await longest(page);
    const [rowsShown, rowsTask] = await plainRows(browser, widgets);
    const [cardsShown, cardsTask] = await plainRows(browser, starters + 35);
    return [
      figure('studio: script of its first load', kilobytes, 'kB gzip', 45, 260),
      figure('studio: first screen of 1 000 widgets', table, 'ms', rowsShown, 300),
      figure('studio: longest task while they scroll', tableTask, 'ms', rowsTask, 50),
      figure('studio: first screen of 200 starters', gallery, 'ms', cardsShown, 300),
      figure('studio: longest task while they scroll', galleryTask, 'ms', cardsTask, 50),
    ];
  });
}
