// Two thousand conversations at once on one process, five hundred messages a second in both directions: how long it takes from
// sending one until both sides have it, beside a bare echo of the same library; and whether every message is there once and in
// order after the process has been killed sixty times in the middle of it.
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { DatabaseSync } from './database.mjs';
import { figure, quantile } from './lib.mjs';
import { Line, WebSocketServer } from './line.mjs';
import { answering, demo, environment, newFolder, ports, seed, start, stopped, studio } from './serve.mjs';

const conversations = Number(process.env.CHATS ?? 2000);
const perSecond = 500;
const seconds = Number(process.env.CHAT_SECONDS ?? 10);
const kills = Number(process.env.KILLS ?? 60);
const desks = 30;

const newId = () => randomBytes(16).toString('hex');
const pause = (ms) => new Promise((done) => setTimeout(done, ms));
const lines = studio.replace('http', 'ws');

/** The memory that a process holds once its garbage is collected, kB. */
async function memoryOf({ pid }) {
  for (let times = 0; times < 3; times++) {
    process.kill(pid, 'SIGWINCH');
    await pause(1000);
  }
  return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]);
}

async function chatWidget() {
  const manifest = await (await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } })).json();
  return manifest.widgets.find(({ slug }) => slug.startsWith('evening')).id;
}

async function deskOf() {
  const signedIn = await fetch(`${studio}/api/session/demo`, { method: 'POST' });
  const cookie = signedIn.headers.get('set-cookie').split(';')[0];
  const [site] = await (await fetch(`${studio}/api/sites`, { headers: { cookie } })).json();
  return { cookie, site: site.id };
}

/** A visitor who is there: follows their conversation, and says when a message has come. */
class Visitor {
  token = newId();
  waiting = new Map();
  after = 0;
  conversation = null;

  constructor(widget) {
    this.widget = widget;
    this.line = new Line(`${lines}/chat/visitor?site=larkmoor`, { origin: demo });
  }

  say(id, text) {
    return this.line.ask('messages', {
      ...{ token: this.token, widget: this.widget, name: 'Mira', email: '' },
      ...{ page: `${demo}/tonight/`, title: 'Tonight', message: { id, text } },
    });
  }

  async follow() {
    let mark;
    while (this.line.isOpen) {
      const { token, widget, after, conversation } = this;
      const told = await this.line
        .ask('follow', {
          ...{ token, widget, after, wait: true },
          ...(mark && { mark }),
          ...(conversation && { conversation }),
        })
        .catch(() => null);
      if (!told) return;
      mark = told.mark;
      this.conversation = told.conversation;
      for (const message of told.messages) {
        this.after = message.seq;
        this.waiting.get(message.id)?.();
        this.waiting.delete(message.id);
      }
    }
  }

  /** Resolved once a message of the desk's is here. */
  has(id) {
    return new Promise((done) => this.waiting.set(id, done));
  }
}

/** Sends so many a second, evenly; returns how long each took, ms. */
async function paced(send) {
  const took = [];
  const sent = [];
  const begin = performance.now();
  for (let at = 0; at < perSecond * seconds; at++) {
    const due = begin + (at * 1000) / perSecond;
    const early = due - performance.now();
    if (early > 1) await pause(early);
    const from = performance.now();
    sent.push(send(at).then(() => took.push(performance.now() - from)));
  }
  await Promise.all(sent);
  return took;
}

async function echoed() {
  const server = new WebSocketServer({ port: ports.bare, perMessageDeflate: false });
  server.on('connection', (socket) =>
    socket.on('message', (data) => {
      const { ask, with: ok } = JSON.parse(data);
      socket.send(JSON.stringify({ ask, ok }));
    }),
  );
  const all = Array.from({ length: conversations }, () => new Line(`ws://localhost:${ports.bare}`, {}));
  await Promise.all(all.map(({ open }) => open));
  const took = await paced((at) => all[at % all.length].ask('echo', { id: newId(), text: 'Is it open?' }));
  all.forEach((line) => line.end());
  server.close();
  return quantile(took, 0.95);
}

async function atOnce(server, widget) {
  const { cookie, site } = await deskOf();
  const before = await memoryOf(server);
  const visitors = Array.from({ length: conversations }, () => new Visitor(widget));
  await Promise.all(visitors.map(({ line }) => line.open));
  for (let from = 0; from < visitors.length; from += 200)
    await Promise.all(visitors.slice(from, from + 200).map((one) => one.say(newId(), 'Hello')));
  visitors.forEach((one) => void one.follow());
  while (visitors.some(({ conversation }) => conversation === null)) await pause(50);
  const memory = ((await memoryOf(server)) - before) / conversations;
  const operators = Array.from(
    { length: desks },
    () => new Line(`${lines}/chat/desk?site=${site}`, { cookie }),
  );
  await Promise.all(operators.map(({ open }) => open));
  // Half of it is written by visitors: both have it once the visitor is told that it is stored and their own page shows it.
  const took = await paced((at) => {
    const visitor = visitors[(at * 7) % visitors.length];
    const id = newId();
    const here = visitor.has(id);
    if (at % 2 === 0) return Promise.all([here, visitor.say(id, 'Is it open tonight?')]);
    return Promise.all([
      here,
      operators[at % desks].ask('messages', {
        ...{ open: visitor.conversation, note: false, message: { id, text: 'From nine.' } },
      }),
    ]);
  });
  [...visitors.map(({ line }) => line), ...operators].forEach((line) => line.end());
  return { took: quantile(took, 0.95), memory };
}

/** Visitors who write one message after the other, each again until it is acknowledged; through all that happens to the server. */
function writers(widget, count, acknowledged) {
  let going = true;
  const hands = Array.from({ length: count }, async () => {
    const token = newId();
    const own = [];
    acknowledged.push(own);
    let visitor;
    while (going) {
      const id = newId();
      while (true) {
        if (!visitor?.line.isOpen) {
          visitor = new Visitor(widget);
          visitor.token = token;
          await visitor.line.open.catch(() => pause(100));
        }
        const taken = await visitor.say(id, `Number ${own.length}`).catch(() => null);
        if (taken) break;
        await pause(10);
      }
      own.push(id);
    }
    visitor?.line.end();
  });
  return async () => {
    going = false;
    await Promise.all(hands);
  };
}

function faultsOf(file, acknowledged) {
  const database = DatabaseSync(file);
  const stored = database.prepare(
    'SELECT conversationId, seq, id FROM chat_message WHERE id IN (SELECT value FROM json_each(?)) ORDER BY conversationId, seq',
  );
  let faults = 0;
  for (const own of acknowledged) {
    const rows = stored.all(JSON.stringify(own));
    const isWhole = rows.length === own.length && rows.every(({ id }, at) => id === own[at]);
    const isOne = new Set(rows.map(({ conversationId }) => conversationId)).size <= 1;
    if (!isWhole || !isOne) faults++;
  }
  return faults;
}

export default async function chat() {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  try {
    await seed(folder, env);
    const busy = { ...env, SIRENE_SUBMISSIONS_PER_MINUTE: '10000000' };
    const measured = ['--expose-gc', '--import', './bench/collect-on-signal.mjs', 'server/dist/main.js'];
    let server = start(measured, busy);
    await answering(`${studio}/health`);
    const widget = await chatWidget();
    const echo = await echoed();

    const { took, memory } = await atOnce(server, widget);

    const acknowledged = [];
    const stop = writers(widget, 24, acknowledged);
    for (let kill = 0; kill < kills; kill++) {
      await pause(300 + (kill % 20) * 10);
      server.kill('SIGKILL');
      await stopped(server);
      server = start(['server/dist/main.js'], busy);
      await answering(`${studio}/health`);
    }
    await pause(500);
    await stop();
    server.kill('SIGTERM');
    await stopped(server);
    const written = acknowledged.reduce((sum, own) => sum + own.length, 0);
    return [
      figure(
        `chat: ${conversations} conversations, ${perSecond} messages/s, sent until both sides have it, 95th percentile`,
        ...[took, 'ms', echo, 100],
      ),
      figure('chat: memory of a conversation’s line', memory, 'kB', null, 60),
      figure(
        `chat: visitors of whom something is lost, twice or out of order, ${kills} kills`,
        ...[faultsOf(`${folder}/sirene.db`, acknowledged), 'visitors', written, 0],
      ),
    ];
  } finally {
    remove();
  }
}
