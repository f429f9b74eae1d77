// The desk of a site with 5 000 conversations that are going on: how long from choosing another until it is painted, and the longest
// task while the list is scrolled. Beside it, as many plain rows, of which one is chosen.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from '../scripts/lib.mjs';
import { longestTask } from './browser.mjs';
import { figure, median } from './lib.mjs';
import { studio, withDemo } from './serve.mjs';

const Database = createRequire(`${root}server/package.json`)('better-sqlite3');
const count = 5000;
const switches = 20;

/** Fills the desk with copies of what is said there already. */
function fill(folder) {
  const database = new Database(join(folder, 'sirene.db'));
  const models = database.prepare('SELECT * FROM conversation ORDER BY id').all();
  const said = database.prepare('SELECT * FROM chat_message WHERE conversationId = ? ORDER BY seq');
  const insertInto = (table, row) => {
    const columns = Object.keys(row).map((name) => `"${name}"`);
    return database.prepare(
      `INSERT INTO ${table} (${columns.join()}) VALUES (${columns.map(() => '?').join()})`,
    );
  };
  const copies = models.map((model) => ({ model, messages: said.all(model.id) }));
  const conversation = insertInto('conversation', models[0]);
  const message = insertInto('chat_message', copies[0].messages[0]);
  const now = Date.now();
  database.transaction(() => {
    for (let at = 0; at < count; at++) {
      const { model, messages } = copies[at % copies.length];
      const id = `c_bench_${at}`;
      const own = { id, visitor: `bench${at}`, name: `Visitor ${at}`, state: 'open', closedAt: null };
      const free = { replyToken: null, leadId: null, snoozedUntil: null, lastAt: now - at * 1000 };
      conversation.run(Object.values({ ...model, ...own, ...free }));
      for (const one of messages)
        message.run(Object.values({ ...one, conversationId: id, id: `${id}-${one.seq}`, file: null }));
    }
  })();
  database.close();
}

/** From choosing what stands at a place of the list until its name stands above what was said, ms. */
const chosen = (page, at) =>
  page.evaluate(async (place) => {
    const rows = document.querySelectorAll('[aria-label="Conversations"] button');
    const row = rows[place % rows.length];
    const name = row.querySelector('p').textContent;
    const start = performance.now();
    row.click();
    const stands = () =>
      document.querySelector('[role=log]')?.childElementCount > 0 &&
      [...document.querySelectorAll('main h2')].some(({ textContent }) => textContent === name);
    // What stands when a frame begins is painted in it: the task after it is the first that comes after that.
    do await new Promise(requestAnimationFrame);
    while (!stands());
    await new Promise((done) => setTimeout(done));
    return performance.now() - start;
  }, at);

/** As many rows of plain HTML: how long until one that is pressed is marked and painted, and the longest task on scrolling, ms. */
async function plainRows(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const row = '<li style="height:79px"><button>Visitor<br>What was said last</button></li>';
  await page.setContent(`<ul style="height:600px;overflow:auto">${row.repeat(count)}</ul>`);
  const marked = await page.evaluate(async () => {
    const start = performance.now();
    document.querySelector('button').style.background = 'silver';
    await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    return performance.now() - start;
  });
  const task = await longestTask(page, 'ul', [240, 0]);
  await page.close();
  return { marked, task };
}

export default function desk() {
  return withDemo(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(studio);
    await page.getByRole('button', { name: 'Sign in as the demo designer' }).click();
    await page.getByRole('table').waitFor();
    await page.goto(`${studio}/desk`);
    await page.getByRole('log').waitFor();
    const plain = await plainRows(browser);
    const took = [];
    for (let at = 1; at <= switches; at++) took.push(await chosen(page, at));
    const tasks = [];
    for (let round = 0; round < 5; round++)
      tasks.push(await longestTask(page, '[aria-label="Conversations"]', [240, 0]));
    return [
      figure(`desk of ${count} conversations: from one to another`, median(took), 'ms', plain.marked, 100),
      figure(
        `desk of ${count} conversations: longest task on scrolling`,
        median(tasks),
        'ms',
        plain.task,
        50,
      ),
    ];
  }, fill);
}
