// Submissions of five fields with three actions a second through HTTP, validation, commit and outbox, beside the bare framework
// answering 202; and whether every acknowledged id is there after the process has been killed sixty times under load.
import autocannon from 'autocannon';
import { DatabaseSync } from './database.mjs';
import {
  answering,
  demo,
  environment,
  letter,
  newFolder,
  ports,
  seed,
  start,
  stopped,
  studio,
  submission as ofTwoFields,
} from './serve.mjs';
import { figure } from './lib.mjs';

const headers = { 'content-type': 'application/json', origin: demo };
const kills = Number(process.env.KILLS ?? 60);

/** What the demo's letter asks for beside a name and an address. Its three actions are two mails to the office and its list. */
const further = {
  evenings: {
    type: 'field',
    kind: 'number',
    key: 'evenings',
    label: 'Evenings a year',
    required: false,
    min: '0',
    max: '366',
  },
  where: { type: 'field', kind: 'text', key: 'where', label: 'Where you look from', required: false },
  seen: { type: 'field', kind: 'long-text', key: 'seen', label: 'What you saw last', required: false },
};

function withFiveFields([{ widgets }]) {
  const { elements } = widgets.find(({ name }) => name === 'Sky letter').document;
  Object.assign(elements, further);
  elements.form.children.splice(2, 0, ...Object.keys(further));
}

function submission(widget) {
  const { values, ...one } = ofTwoFields(widget);
  const told = { evenings: '12', where: 'The garden', seen: 'A fireball, low in the west, just after ten.' };
  return { ...one, values: { ...values, ...told } };
}

async function throughput(address, widget) {
  const result = await autocannon({
    url: `${address}/c/larkmoor/submissions`,
    connections: 128,
    duration: 3,
    requests: [
      {
        method: 'POST',
        headers,
        setupRequest: (request) => ({ ...request, body: JSON.stringify(submission(widget)) }),
      },
    ],
  });
  const refused = result.non2xx + result.errors;
  if (refused > 0)
    throw new Error(`${refused} of ${result.requests.total} requests were not taken by ${address}`);
  return result.requests.average;
}

async function measureThroughput(widget, server) {
  const bare = start(['bench/bare.mjs'], process.env);
  await answering(`http://localhost:${ports.bare}/health`);
  // Rounds in pairs, and the pair of the middle ratio: other work on the machine strikes both halves of a pair alike.
  const pairs = [];
  for (let round = 0; round < 9; round++) {
    // What follows the submissions of the round before goes on for a while: not at the cost of the baseline.
    server.kill('SIGSTOP');
    const base = await throughput(`http://localhost:${ports.bare}`, widget);
    server.kill('SIGCONT');
    const ours = await throughput(studio, widget);
    pairs.push({ ours, base, ratio: ours / base });
  }
  bare.kill('SIGKILL');
  const { ours, base } = pairs.sort((a, b) => a.ratio - b.ratio)[4];
  return [ours, base];
}

/** Sends submissions from many hands until told to stop; keeps the ids that were acknowledged. */
function load(widget, acknowledged) {
  let going = true;
  const hands = Array.from({ length: 32 }, async () => {
    while (going) {
      const one = submission(widget);
      const options = { method: 'POST', headers, body: JSON.stringify(one) };
      const taken = await fetch(`${studio}/c/larkmoor/submissions`, options).then(
        (answer) => answer.status === 202,
        () => false,
      );
      if (taken) acknowledged.push(one.id);
      else await new Promise((done) => setTimeout(done, 10));
    }
  });
  return async () => {
    going = false;
    await Promise.all(hands);
  };
}

export default async function submissions() {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  try {
    await seed(folder, env, withFiveFields);
    let server = start(['server/dist/main.js'], env);
    await answering(`${studio}/health`);
    const widget = await letter();
    const [ours, bare] = await measureThroughput(widget, server);

    const acknowledged = [];
    for (let kill = 0; kill < kills; kill++) {
      const stop = load(widget, acknowledged);
      await new Promise((done) => setTimeout(done, 300 + (kill % 20) * 10));
      server.kill('SIGKILL');
      await stopped(server);
      await stop();
      server = start(['server/dist/main.js'], env);
      await answering(`${studio}/health`);
    }
    server.kill('SIGTERM');
    await stopped(server);
    const stored = new Set(
      DatabaseSync(`${folder}/sirene.db`).prepare('SELECT id FROM submission').pluck().all(),
    );
    const lost = acknowledged.filter((id) => !stored.has(id)).length;
    return [
      figure('submissions: share of the bare framework’s throughput', ours, 'requests/s', bare, 0.35, {
        judge: 'ratio',
        atLeast: true,
      }),
      figure(`submissions: lost of those acknowledged, ${kills} kills`, lost, 'ids', acknowledged.length, 0),
    ];
  } finally {
    remove();
  }
}
