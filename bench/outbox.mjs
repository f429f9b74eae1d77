// Deliveries a second to a target that answers at once, while another hangs: the outbox with thousands of webhooks due, those of
// the hanging target first. Beside it, the same calls by fetch alone, as many of them at once.
import { createServer } from 'node:http';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { root } from '../scripts/lib.mjs';
import { answering, environment, newFolder, seed, start, stopped, studio } from './serve.mjs';
import { figure } from './lib.mjs';

const Database = createRequire(`${root}server/package.json`)('better-sqlite3');
const due = { quick: 5000, hanging: 1000 };
/** So many of one target go out at once (outbox.service.ts). */
const atOnce = 16;

/** A receiver that takes what comes, and says when it has had so many. */
function receiver(answers) {
  const ids = new Set();
  let [first, last] = [0, 0];
  const server = createServer((request, response) => {
    first ||= performance.now();
    ids.add(request.headers['webhook-id']);
    request.resume();
    request.on('end', () => {
      last = performance.now();
      if (answers) response.writeHead(204).end();
    });
  });
  return new Promise((done) =>
    server.listen(0, '127.0.0.1', () =>
      done({
        url: `http://127.0.0.1:${server.address().port}/`,
        host: `127.0.0.1:${server.address().port}`,
        ids,
        perSecond: () => (1000 * ids.size) / (last - first),
        close: () => (server.closeAllConnections(), server.close()),
      }),
    ),
  );
}

/** Makes all of it due: the hanging target's are the older ones. */
function fill(file, quick, hanging) {
  const database = new Database(file);
  const { siteId, id } = database.prepare('SELECT siteId, id FROM submission LIMIT 1').get();
  database.exec(`UPDATE delivery SET state = 'sent'`);
  const insert = database.prepare(`INSERT INTO delivery
    (id, siteId, submissionId, type, target, settings, dueAt, state, attempts)
    VALUES (?, ?, ?, 'webhook', ?, '{}', 0, 'waiting', 0)`);
  database.transaction(() => {
    for (let at = 0; at < due.hanging; at++) insert.run(`d_hang_${at}`, siteId, id, hanging);
    for (let at = 0; at < due.quick; at++) insert.run(`d_quick_${at}`, siteId, id, quick);
  })();
  database.close();
}

async function byHand() {
  const target = await receiver(true);
  let sent = 0;
  const body = JSON.stringify({ text: 'x'.repeat(600) });
  const hand = async () => {
    while (sent < due.quick) {
      const id = String(sent++);
      const answer = await fetch(target.url, { method: 'POST', headers: { 'webhook-id': id }, body });
      await answer.arrayBuffer();
    }
  };
  await Promise.all(Array.from({ length: atOnce }, hand));
  target.close();
  return target.perSecond();
}

export default async function outbox() {
  const { folder, remove } = newFolder();
  const [quick, hanging] = [await receiver(true), await receiver(false)];
  const env = { ...environment(folder), SIRENE_PRIVATE_HOSTS: `${quick.host},${hanging.host}` };
  await seed(folder, env);
  fill(join(folder, 'sirene.db'), quick.url, hanging.url);
  const server = start(['server/dist/main.js'], env);
  try {
    await answering(`${studio}/health`);
    for (let left = 600; left > 0 && quick.ids.size < due.quick; left--)
      await new Promise((done) => setTimeout(done, 100));
    const name = 'outbox: deliveries a second to a quick target while another hangs';
    return [
      figure(name, quick.perSecond(), 'a second', await byHand(), 500, { atLeast: true }),
      figure('outbox: of those, not delivered', due.quick - quick.ids.size, 'deliveries', due.quick, 0),
    ];
  } finally {
    server.kill('SIGKILL');
    await stopped(server);
    quick.close();
    hanging.close();
    remove();
  }
}
