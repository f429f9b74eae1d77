// Starts programs of the project on ports and a data folder of their own.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { launch } from './browser.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));

export const ports = { studio: 4500, demo: 4510, smtp: 4525, bare: 4530 };
export const studio = `http://localhost:${ports.studio}`;
export const demo = `http://localhost:${ports.demo}`;

export function environment(data) {
  return {
    ...process.env,
    SIRENE_PORT: String(ports.studio),
    SIRENE_DEMO_PORT: String(ports.demo),
    SIRENE_SMTP_PORT: String(ports.smtp),
    SIRENE_DATA: data,
    SIRENE_DEMO: '1',
    SIRENE_SUBMISSIONS_PER_MINUTE: '10000000',
    SIRENE_SIGN_INS_PER_MINUTE: '10000',
  };
}

export function newFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'sirene-bench-'));
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

export function start(args, env) {
  return spawn(process.execPath, args, { cwd: root, env, stdio: ['ignore', 'ignore', 'inherit'] });
}

/** Runs a program to its end. */
export function run(args, env) {
  return new Promise((resolve, reject) => {
    start(args, env).on('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`${args[0]} ended with ${code}`)),
    );
  });
}

export async function answering(address) {
  for (let attempt = 0; attempt < 200; attempt++) {
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

/** The demo data in a folder. */
export async function seed(folder, env) {
  const archive = join(folder, 'archive.json');
  await run(['demo/dist/archive.js', archive], env);
  await run(['server/dist/import.js', archive], env);
}

/** The published letter of the demo site: what a submission has to name. */
export async function letter() {
  const response = await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } });
  const { widgets } = await response.json();
  return widgets.find(({ slug }) => slug === 'sky-letter');
}

let made = 0;
const runId = Math.floor(performance.timeOrigin).toString(16).padStart(16, '0');

export function submission({ id, body }) {
  made++;
  return {
    id: runId + made.toString(16).padStart(16, '0'),
    widget: id,
    body,
    form: 'form',
    values: { name: 'Mira Stone', email: `mira${made}@stone.example` },
    page: `${demo}/journal/dark-adaptation/`,
    title: 'How to see in the dark',
  };
}

/** Runs `work` with studio and demo site up on fresh demo data, and a browser. */
export async function withDemo(work) {
  const { folder, remove } = newFolder();
  const env = environment(folder);
  await seed(folder, env);
  const programs = [start(['server/dist/main.js'], env), start(['demo/dist/serve.js'], env)];
  const browser = await launch();
  try {
    await Promise.all([answering(`${studio}/health`), answering(`${demo}/`)]);
    return await work(browser);
  } finally {
    await browser.close();
    programs.forEach((program) => program.kill('SIGTERM'));
    await Promise.all(programs.map(stopped));
    remove();
  }
}
