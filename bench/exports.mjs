// What large tables cost: a spreadsheet of 100 000 rows as XLSX and as CSV, and a file of a million people brought onto a list. The memory
// is that of the server's process, at its highest, above what it took at rest; beside the time stands the same by hand.
import { createReadStream, createWriteStream, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { finished } from 'node:stream/promises';
import { root } from '../scripts/lib.mjs';
import { answering, environment, newFolder, seed, start, stopped, studio } from './serve.mjs';
import { figure } from './lib.mjs';

const Database = createRequire(`${root}server/package.json`)('better-sqlite3');
const rows = 100_000;
const people = Number(process.env.IMPORT_ROWS ?? 1_000_000);
const labels = ['Name', 'E-mail', 'Topic', 'Children', 'Message'];

/** The row of a sheet at a place of it. */
const rowOf = (at) => [
  `Mira Stone ${at}`,
  `mira${at}@stone.example`,
  ['Visit', 'Shop', 'Press'][at % 3],
  at % 60,
  `Is the dome open on clear nights, and where do ${at % 60} children sit?`,
];

function fill(file) {
  const database = new Database(file);
  const site = database.prepare(`SELECT id FROM site WHERE "key" = 'larkmoor'`).pluck().get();
  const columns = JSON.stringify(labels.map((label) => ({ key: label, label })));
  database
    .prepare(
      `INSERT INTO sheet (id, siteId, name, columns, token, createdAt) VALUES ('sheet_bench', ?, 'Bench', ?, 'bench', 0)`,
    )
    .run(site, columns);
  database.pragma('foreign_keys = OFF');
  const insert = database.prepare(
    `INSERT INTO sheet_row (sheetId, deliveryId, at, cells) VALUES ('sheet_bench', ?, ?, ?)`,
  );
  database.transaction(() => {
    for (let at = 0; at < rows; at++) {
      const cells = Object.fromEntries(rowOf(at).map((cell, column) => [labels[column], cell]));
      insert.run(`bench_${at}`, at * 60_000, JSON.stringify(cells));
    }
  })();
  database.close();
  return site;
}

/** What a process holds in memory, megabytes: now, or at its highest since it was last asked to forget that. */
function memoryOf(pid, what) {
  const line = new RegExp(`${what}:\\s+(\\d+) kB`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'));
  return Number(line[1]) / 1024;
}
const forgetHighest = (pid) => writeFileSync(`/proc/${pid}/clear_refs`, '5');

/** Runs `work`; returns how long it took, ms, and how far memory rose meanwhile, megabytes. */
async function measured(pid, work) {
  await new Promise((done) => setTimeout(done, 1500));
  const idle = memoryOf(pid, 'VmRSS');
  forgetHighest(pid);
  const from = performance.now();
  const result = await work();
  return { took: performance.now() - from, rose: memoryOf(pid, 'VmHWM') - idle, result };
}

/** The same rows, read one by one and written to a file by the shortest program that quotes as CSV has to be. */
async function byHand(file, folder) {
  const database = new Database(file, { readonly: true });
  const from = performance.now();
  const out = createWriteStream(join(folder, 'by-hand.csv'));
  const quoted = (cell) => (/[",\r\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);
  let lines = '';
  for (const { at, cells } of database
    .prepare('SELECT * FROM sheet_row WHERE sheetId = ? ORDER BY number')
    .iterate('sheet_bench')) {
    const read = JSON.parse(cells);
    lines += `${[new Date(at).toISOString(), ...labels.map((label) => quoted(String(read[label])))].join(',')}\r\n`;
    if (lines.length > 65_536) {
      if (!out.write(lines)) await new Promise((go) => out.once('drain', go));
      lines = '';
    }
  }
  out.end(lines);
  await finished(out);
  database.close();
  return performance.now() - from;
}

/** A file of people, three of its rows broken. */
function writePeople(path) {
  const lines = ['E-mail,Name'];
  for (let at = 0; at < people; at++)
    lines.push(
      at % Math.ceil(people / 3) === 7 ? 'no address,Nobody' : `mira${at}@import.example,Mira ${at}`,
    );
  writeFileSync(path, `\ufeff${lines.join('\r\n')}`, 'utf16le');
}

async function bring(site, headers, path, dry) {
  const list = await fetch(`${studio}/api/sites/${site}/lists`, { headers }).then((answer) => answer.json());
  const words = encodeURIComponent('Agreed at the ticket desk');
  const address = `${studio}/api/sites/${site}/lists/${list[0].id}/import?words=${words}${dry ? '&dry=true' : ''}`;
  const answer = await fetch(address, {
    method: 'POST',
    headers: { ...headers, 'content-type': 'application/octet-stream' },
    body: createReadStream(path),
    duplex: 'half',
  });
  const said = await answer.json();
  if (!answer.ok) throw new Error(JSON.stringify(said));
  if (said.broken !== 3) throw new Error(`${said.broken} broken rows were told, of 3`);
  return said.added;
}

export default async function exports() {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  await seed(folder, env);
  const file = join(folder, 'sirene.db');
  const site = fill(file);
  const path = join(folder, 'people.csv');
  writePeople(path);
  const server = start(['server/dist/main.js'], env);
  try {
    await answering(`${studio}/health`);
    const signedIn = await fetch(`${studio}/api/session/demo`, {
      method: 'POST',
      headers: { origin: studio },
    });
    const headers = { cookie: signedIn.headers.get('set-cookie').split(';')[0], origin: studio };
    const had = async (kind) => {
      const answer = await fetch(`${studio}/api/sites/${site}/sheets/sheet_bench/rows.${kind}`, { headers });
      let bytes = 0;
      for await (const chunk of answer.body) bytes += chunk.length;
      return bytes;
    };
    const xlsx = await measured(server.pid, () => had('xlsx'));
    const csv = await measured(server.pid, () => had('csv'));
    const hand = await byHand(file, folder);
    const dry = await measured(server.pid, () => bring(site, headers, path, true));
    const brought = await measured(server.pid, () => bring(site, headers, path, false));
    return [
      figure(`exports: memory above rest for an XLSX of ${rows} rows`, xlsx.rose, 'MB', csv.rose, 150),
      figure('exports: CSV, share of the speed of the same rows by hand', hand, 'ms', csv.took, 0.5, {
        judge: 'ratio',
        atLeast: true,
      }),
      figure(
        'exports: memory above rest while so many people are brought in',
        dry.rose,
        'MB',
        brought.result,
      ),
      figure(
        `exports: people brought in a second`,
        (1000 * brought.result) / brought.took,
        'a second',
        (1000 * dry.result) / dry.took,
      ),
    ];
  } finally {
    server.kill('SIGKILL');
    await stopped(server);
    remove();
  }
}
