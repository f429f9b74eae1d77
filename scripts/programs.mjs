// Starts programs of the project on a data folder of their own: for benchmarks and for the attack.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from './lib.mjs';

/** The environment of a server on ports and a data folder of its own, without limits to what one address sends. */
export function environment(data, ports) {
  return {
    ...process.env,
    SIRENE_PORT: String(ports.studio),
    SIRENE_DEMO_PORT: String(ports.demo),
    SIRENE_SMTP_PORT: String(ports.smtp),
    SIRENE_DATA: data,
    SIRENE_DEMO: '1',
    SIRENE_SUBMISSIONS_PER_MINUTE: '10000000',
    SIRENE_SIGN_INS_PER_MINUTE: '10000',
    SIRENE_READS_PER_MINUTE: '10000000',
  };
}

export function newFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'sirene-'));
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

export function start(args, env, stderr = 'inherit') {
  return spawn(process.execPath, args, { cwd: root, env, stdio: ['ignore', 'ignore', stderr] });
}

/** Runs a program to its end. */
export function run(args, env) {
  return new Promise((resolve, reject) => {
    start(args, env).on('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`${args[0]} ended with ${code}`)),
    );
  });
}

/** Resolved once an address answers; rejected when it does not within so many seconds. */
export async function answering(address, seconds = 20) {
  for (let attempt = 0; attempt < seconds * 20; attempt++) {
    const ready = await fetch(address).then(
      (response) => response.ok,
      () => false,
    );
    if (ready) return;
    await new Promise((done) => setTimeout(done, 50));
  }
  throw new Error(`${address} does not answer`);
}

export function stopped(child) {
  return new Promise((done) =>
    child.exitCode !== null || child.signalCode !== null ? done() : child.on('exit', done),
  );
}

/** The demo data in a folder; `change` makes of its sites what is to be measured. */
export async function seed(folder, env, change = undefined) {
  const archive = join(folder, 'archive.json');
  await run(['demo/dist/archive.js', archive], env);
  if (change) {
    const sites = JSON.parse(readFileSync(archive, 'utf8'));
    change(sites);
    writeFileSync(archive, JSON.stringify(sites));
  }
  await run(['server/dist/import.js', archive], env);
  rmSync(archive);
}

let made = 0;
const runId = Math.floor(performance.timeOrigin).toString(16).padStart(16, '0');

/** A submission of the demo site's letter that is right in every way. */
export function submission({ id, body }, page) {
  made++;
  return {
    id: runId + made.toString(16).padStart(16, '0'),
    widget: id,
    body,
    form: 'form',
    values: { name: 'Mira Stone', email: `mira${made}@stone.example` },
    page,
    title: 'How to see in the dark',
  };
}

/** The published letter of the demo site: what a submission has to name. */
export async function letter(studio, demo) {
  const response = await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } });
  const { widgets } = await response.json();
  return widgets.find(({ slug }) => slug === 'sky-letter');
}
