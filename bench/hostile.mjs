// What visitors wait while somebody sends, in a loop, inputs that are made to cost much: the 99th percentile of their
// requests beside that of the same requests while nobody does.
import { slowInputs } from '../e2e/attack/slow-inputs.mjs';
import { figure, quantile } from './lib.mjs';
import {
  answering,
  demo,
  environment,
  letter,
  newFolder,
  seed,
  start,
  stopped,
  studio,
  submission,
} from './serve.mjs';

const roundMs = Number(process.env.HOSTILE_MS ?? 4000);

/** One visitor's view of a page after the other, and a submission: the times of each request, ms. */
async function visitors(widget, until) {
  const times = [];
  const timed = async (address, options) => {
    const began = performance.now();
    const response = await fetch(address, { ...options, headers: { origin: demo, ...options?.headers } });
    await response.arrayBuffer();
    times.push(performance.now() - began);
    if (!response.ok) throw new Error(`${address} answered ${response.status}`);
  };
  while (performance.now() < until) {
    await timed(`${studio}/m/larkmoor.json`);
    await timed(studio + widget.body);
    await timed(`${studio}/c/larkmoor/submissions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(submission(widget)),
    });
    // As visitors do, not as fast as a loop can: the wait is what is measured, not the load.
    await new Promise((done) => setTimeout(done, 5));
  }
  return times;
}

async function attacker({ method, path, body }, cookie, site, until) {
  const isFile = body instanceof Uint8Array;
  while (performance.now() < until) {
    const response = await fetch(`${studio}/api/sites/${site}/${path}`, {
      method,
      headers: { cookie, 'content-type': isFile ? 'application/octet-stream' : 'application/json' },
      body: isFile ? body : JSON.stringify(body),
    });
    await response.arrayBuffer();
  }
}

export default async function hostile() {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  await seed(folder, env);
  const server = start(['server/dist/main.js'], env);
  try {
    await answering(`${studio}/health`);
    const widget = await letter();
    const signedIn = await fetch(`${studio}/api/session/demo`, { method: 'POST' });
    const cookie = signedIn.headers.get('set-cookie').split(';')[0];
    const sites = await (await fetch(`${studio}/api/sites`, { headers: { cookie } })).json();
    const site = sites.find(({ key }) => key === 'larkmoor').id;
    await visitors(widget, performance.now() + 500);
    const quiet = quantile(await visitors(widget, performance.now() + roundMs), 0.99);
    const figures = [];
    const inputs = {
      ...slowInputs(demo),
      'an export of all submissions': { method: 'GET', path: 'submissions.csv' },
    };
    for (const [name, input] of Object.entries(inputs)) {
      if (input.body?.document === null) continue;
      const until = performance.now() + roundMs;
      const attack = attacker(input, cookie, site, until);
      const times = await visitors(widget, until);
      await attack;
      figures.push(
        figure(`visitors’ 99th percentile during: ${name}`, quantile(times, 0.99), 'ms', quiet, 50),
      );
    }
    return figures;
  } finally {
    server.kill('SIGTERM');
    await stopped(server);
    remove();
  }
}
