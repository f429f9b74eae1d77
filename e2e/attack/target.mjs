// The built server as an attacker meets it: over HTTP, on a data folder of its own, killed and started at will.
import { createRequire } from 'node:module';
import * as programs from '../../scripts/programs.mjs';

const ports = { studio: 4600, demo: 4610, smtp: 4625 };
export const studio = `http://localhost:${ports.studio}`;
export const demo = `http://localhost:${ports.demo}`;

const Sqlite = createRequire(new URL('../../server/package.json', import.meta.url))('better-sqlite3');

export class Target {
  #child;

  constructor(folder, env) {
    this.folder = folder;
    this.env = env;
  }

  /** A server with the demo data in a folder. What its log says of faults is not shown: here they are meant. */
  static async on(folder, changes = {}) {
    const env = { ...programs.environment(folder, ports), ...changes };
    await programs.seed(folder, env);
    const target = new Target(folder, env);
    await target.start();
    target.letter = await programs.letter(studio, demo);
    return target;
  }

  async start() {
    this.#child = programs.start(['server/dist/main.js'], this.env, 'ignore');
    await programs.answering(`${studio}/health`);
  }

  async end(signal = 'SIGTERM') {
    this.#child.kill(signal);
    await programs.stopped(this.#child);
  }

  submission() {
    return programs.submission(this.letter, `${demo}/journal/dark-adaptation/`);
  }

  /** Sends a submission; resolved with its status, or 0 where nothing came back. */
  submit(one) {
    return fetch(`${studio}/c/larkmoor/submissions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: demo },
      body: JSON.stringify(one),
    }).then(
      ({ status }) => status,
      () => 0,
    );
  }

  /** Sends submissions from many hands until told to stop; keeps what became of each. */
  load(hands, answers) {
    let going = true;
    const all = Array.from({ length: hands }, async () => {
      while (going) {
        const one = this.submission();
        const status = await this.submit(one);
        answers.set(one.id, status);
        if (status !== 202) await new Promise((done) => setTimeout(done, 10));
      }
    });
    return async () => {
      going = false;
      await Promise.all(all);
    };
  }

  /** The first column of what a query finds on disk. */
  query(sql) {
    const database = new Sqlite(`${this.folder}/sirene.db`, { readonly: true });
    const found = database.prepare(sql).pluck().all();
    database.close();
    return found;
  }

  /** The ids of all submissions on disk. */
  stored() {
    return new Set(this.query('SELECT id FROM submission'));
  }

  async signIn() {
    const answer = await fetch(`${studio}/api/session/demo`, { method: 'POST' });
    const cookie = answer.headers.get('set-cookie').split(';')[0];
    const send = async (method, path, body, headers = {}) => {
      const isFile = body instanceof Uint8Array;
      const response = await fetch(studio + path, {
        method,
        headers: {
          cookie,
          ...(body !== undefined && {
            'content-type': isFile ? 'application/octet-stream' : 'application/json',
          }),
          ...headers,
        },
        ...(body !== undefined && { body: isFile || typeof body === 'string' ? body : JSON.stringify(body) }),
      });
      const text = await response.text();
      const isJson = response.headers.get('content-type')?.includes('json');
      return { status: response.status, body: isJson && text ? JSON.parse(text) : text };
    };
    const { body: sites } = await send('GET', '/api/sites');
    return { send, site: sites.find(({ key }) => key === 'larkmoor') };
  }
}

/** A random number generator that can be played again (mulberry32). */
export function randomFrom(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}
