// The inbox of a site that has received a million submissions of twenty forms: its first page, by a filter, and by words,
// through HTTP as the studio asks; beside the same rows asked for by hand in SQL.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from '../scripts/lib.mjs';
import { insertEntry } from '../server/dist/search/search-sources.js';
import { answering, environment, newFolder, seed, start, stopped, studio } from './serve.mjs';
import { figure, quantile } from './lib.mjs';

const Database = createRequire(`${root}server/package.json`)('better-sqlite3');
const rows = Number(process.env.INBOX_ROWS ?? 1_000_000);
const forms = 20;
const asked = 40;

const names = [
  'Ada',
  'Bram',
  'Cleo',
  'Dario',
  'Edda',
  'Greta',
  'Hugo',
  'Ines',
  'Jory',
  'Kaja',
  'Lars',
  'Mina',
];
const surnames = [
  'Abel',
  'Brook',
  'Castell',
  'Dunmore',
  'Eckhart',
  'Fenwick',
  'Garrow',
  'Holt',
  'Ivers',
  'Jessop',
];

/** Fills the inbox of the demo's site, an hour of a million hours apart, and its index of words. */
function fill(file) {
  const database = new Database(file);
  database.pragma('synchronous = OFF');
  const site = database.prepare(`SELECT id FROM site WHERE "key" = 'larkmoor'`).pluck().get();
  const insert = database.prepare(`INSERT INTO submission
    (siteId, id, widgetId, widgetName, versionNumber, personId, fields, page, pageTitle, receivedAt, held, readAt)
    VALUES (?, ?, ?, ?, 1, NULL, ?, 'https://larkmoor.example/journal/', '', ?, ?, ?)`);
  const entry = database.prepare(insertEntry('submission'));
  const end = Date.now() - 120 * 86_400_000;
  const one = (at) => {
    const [name, surname] = [names[at % 12], surnames[(at * 7) % 10]];
    const fields = [
      { key: 'name', label: 'Name', value: `${name} ${surname}` },
      { key: 'email', label: 'E-mail', value: `${name}.${surname}${at}@post.example`.toLowerCase() },
      { key: 'topic', label: 'Topic', value: ['Visit', 'Shop', 'Press', 'Donation'][at % 4] },
      { key: 'text', label: 'Message', value: `Number ${at}: is the dome open on clear nights in winter?` },
      { key: 'newsletter', label: 'Newsletter', value: at % 3 === 0 ? 'yes' : '' },
    ];
    const receivedAt = end - (rows - at) * 3000;
    const id = at.toString(16).padStart(32, '0');
    const held = at % 50 === 0 ? '{"reasons":["links"],"email":"","name":""}' : null;
    const readAt = at % 40 === 0 ? null : receivedAt;
    insert.run(
      site,
      id,
      `w_bench_${at % forms}`,
      `Form ${at % forms}`,
      JSON.stringify(fields),
      receivedAt,
      held,
      readAt,
    );
    entry.run(id, site);
  };
  database.exec('DROP TRIGGER search_submission_in');
  for (let from = 0; from < rows; from += 20_000)
    database.transaction(() => {
      for (let at = from; at < Math.min(rows, from + 20_000); at++) one(at);
    })();
  database.exec('ANALYZE');
  database.close();
  return site;
}

/** The 95th percentile of so many requests, ms. */
async function answered(site, cookie, query) {
  const took = [];
  for (let at = 0; at < asked; at++) {
    const from = performance.now();
    const answer = await fetch(`${studio}/api/sites/${site}/submissions?${query}`, { headers: { cookie } });
    if (!answer.ok) throw new Error(`${query} is answered with ${answer.status}`);
    await answer.text();
    took.push(performance.now() - from);
  }
  return quantile(took.slice(2), 0.95);
}

function byHand(file, sql, ...values) {
  const database = new Database(file, { readonly: true });
  const statement = database.prepare(sql);
  const took = [];
  for (let at = 0; at < 5; at++) {
    const from = performance.now();
    statement.all(...values);
    took.push(performance.now() - from);
  }
  database.close();
  return quantile(took.slice(1), 0.95);
}

export default async function inbox() {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  await seed(folder, env);
  const file = join(folder, 'sirene.db');
  const site = fill(file);
  const server = start(['server/dist/main.js'], env);
  try {
    await answering(`${studio}/health`);
    const signedIn = await fetch(`${studio}/api/session/demo`, { method: 'POST' });
    const cookie = signedIn.headers.get('set-cookie').split(';')[0];
    const page = 'SELECT * FROM submission WHERE siteId = ? AND held IS NULL';
    const newest = 'ORDER BY receivedAt DESC, id LIMIT 50';
    const holding = `EXISTS (SELECT 1 FROM json_each(fields) WHERE value ->> 'value' LIKE ?)`;
    const queries = [
      ['first page', '', `${page} ${newest}`, []],
      ['of one form', 'widget=w_bench_7', `${page} AND widgetId = 'w_bench_7' ${newest}`, []],
      ['unread', 'unread=true', `${page} AND readAt IS NULL ${newest}`, []],
      [
        'one in a million by words',
        `words=${rows - 1234}`,
        `${page} AND ${holding} ${newest}`,
        [`%${rows - 1234}%`],
      ],
      ['a name that thousands have', 'words=kaja%20holt', `${page} AND ${holding} ${newest}`, ['%Kaja%']],
      ['a word that all have', 'words=dome', `${page} AND ${holding} ${newest}`, ['%dome%']],
    ];
    // All through the server first: while a query by hand goes through a million rows, its connections would be closed.
    const ours = [];
    for (const [, query] of queries) ours.push(await answered(site, cookie, query));
    return queries.map(([name, , sql, values], at) =>
      figure(
        `inbox of ${rows} submissions, ${name}: 95th percentile`,
        ...[ours[at], 'ms', byHand(file, sql, site, ...values), 100],
      ),
    );
  } finally {
    server.kill('SIGTERM');
    await stopped(server);
    remove();
  }
}
