import { DataSource } from 'typeorm';
import { FailingDriver, type Fault } from '../testing/failing-driver.js';
import {
  origin,
  publishSignup,
  submission,
  TestServer,
  type Answer,
  type Published,
} from '../testing/server.js';
import { Connection } from './connection.js';
import { storageFault } from './storage-fault.js';

let server: TestServer;
let driver: FailingDriver;
let signup: Published;

beforeAll(async () => {
  driver = new FailingDriver();
  server = await TestServer.start();
  signup = await publishSignup(server);
});
afterAll(async () => {
  driver.restore();
  await server.stop();
});

const count = async (sql: string, values: unknown[]) => {
  const [row] = await server.app.get(DataSource).query<{ n: number }[]>(sql, values);
  return row?.n;
};

/** Something that writes: how it is asked for, and whether what it was to write is there. */
interface Deed {
  ask(): Promise<Answer>;
  isThere(): Promise<boolean>;
}

let made = 0;
const deeds: Record<string, () => Deed> = {
  'a submission': () => {
    const one = submission(signup, { email: `a${made++}@x.example` });
    return {
      ask: () => server.post(`/c/${signup.key}/submissions`, one, { origin }),
      isThere: async () => {
        const stored = await count('SELECT count(*) n FROM submission WHERE id = ?', [one.id]);
        const deliveries = await count('SELECT count(*) n FROM delivery WHERE submissionId = ?', [one.id]);
        // With all that belongs to it, or not at all.
        expect([0, 1]).toContain(stored);
        expect(deliveries).toBe(stored === 1 ? 2 : 0);
        return stored === 1;
      },
    };
  },
  'a new widget': () => {
    const name = `Widget ${made++}`;
    return {
      ask: () => server.post(`/api/sites/${signup.siteId}/widgets`, { name }),
      isThere: async () =>
        (await count(`SELECT min(count(*), 1) n FROM widget WHERE draft ->> 'name' = ?`, [name])) === 1,
    };
  },
  'a sign-in': () => {
    let token = '';
    return {
      ask: async () => {
        const answer = await fetch(`${server.address}/api/session/demo`, { method: 'POST' });
        token = answer.headers.get('set-cookie')?.split(';')[0] ?? '';
        return { status: answer.status, body: await answer.text(), headers: answer.headers };
      },
      isThere: async () => {
        const { body } = await server.get('/api/session', { cookie: token });
        return body.user !== null;
      },
    };
  },
};

const faults: Omit<Fault, 'at'>[] = [
  { code: 'SQLITE_FULL', ends: true },
  { code: 'SQLITE_FULL' },
  { code: 'SQLITE_BUSY' },
  { code: 'SQLITE_IOERR_WRITE', ends: true },
  { code: 'SQLITE_IOERR_FSYNC' },
  // The way back is barred too: only another connection helps.
  { code: 'SQLITE_IOERR', count: 2 },
];

const named = Object.keys(deeds).flatMap((deed) =>
  faults.map((fault): [string, string, Omit<Fault, 'at'>] => [
    deed,
    [fault.code, fault.ends ? 'that ends the transaction' : '', fault.count ? 'twice' : ''].join(' ').trim(),
    fault,
  ]),
);

test.each(named)(
  '%s, with %s at every statement in turn: kept and said so, or neither',
  async (name, _, fault) => {
    let struck = 0;
    for (let at = 1; ; at++) {
      expect(at).toBeLessThan(100);
      const deed = deeds[name]?.() as Deed;
      driver.set({ ...fault, at });
      const answer = await deed.ask();
      const fired = driver.set();
      expect(server.app.get(Connection).bare.inTransaction).toBe(false);
      const taken = answer.status < 300;
      if (!taken) {
        expect([at, answer.status, answer.headers.get('retry-after')]).toEqual([at, 503, '5']);
      }
      expect([at, await deed.isThere()]).toEqual([at, taken]);
      // The next write of the same kind is not held up, and asked for again, the same one is taken.
      const again = await deed.ask();
      expect([at, again.status < 300, await deed.isThere()]).toEqual([at, true, true]);
      expect((await server.get('/health')).status).toBe(200);
      if (fired === 0) break;
      struck++;
    }
    expect(struck).toBeGreaterThan(3);
  },
);

test('a full disk, as SQLite itself meets it: 503 until there is room, and what was said to be kept is there', async () => {
  const bare = server.app.get(Connection).bare;
  const pages = bare.pragma('page_count', { simple: true }) as number;
  bare.pragma(`max_page_count = ${pages + 8}`);
  const send = async () => {
    const all = Array.from({ length: 400 }, () =>
      submission(signup, { name: 'x'.repeat(100), email: `b${made++}@x.example` }),
    );
    const answers = await Promise.all(
      all.map((one) => server.post(`/c/${signup.key}/submissions`, one, { origin })),
    );
    return all.map(({ id }, at) => ({ id, status: answers[at]?.status }));
  };
  const full = await send();
  expect(new Set(full.map(({ status }) => status))).toContain(503);
  const health = await server.get('/health');
  // Its own row fits where another row does not; what it must not do is lie about it.
  expect([200, 503]).toContain(health.status);
  bare.pragma('max_page_count = 1073741823');
  const room = await send();
  expect(new Set(room.map(({ status }) => status))).toEqual(new Set([202]));
  const stored = new Set(bare.prepare('SELECT id FROM submission').pluck().all());
  for (const { id, status } of [...full, ...room]) expect([id, stored.has(id)]).toEqual([id, status === 202]);
});

test('health proves a write, and says what is wrong', async () => {
  server.clock.pass(5000);
  driver.set({ at: 1, count: 20, code: 'SQLITE_FULL' });
  const failing = await server.get('/health');
  driver.set();
  expect(failing.status).toBe(503);
  expect(failing.body).toMatchObject({ status: 'failing', database: 'The disk is full.' });
  server.clock.pass(5000);
  expect((await server.get('/health')).body).toMatchObject({ status: 'ok', database: 'ok' });
});

test('a transaction that somebody left open is not written into', async () => {
  const connection = server.app.get(Connection);
  connection.bare.exec(
    `BEGIN; INSERT INTO heartbeat (id, at, room) VALUES (1, 77, x'') ON CONFLICT DO UPDATE SET at = 77`,
  );
  const deed = deeds['a submission']?.() as Deed;
  expect((await deed.ask()).status).toBe(202);
  expect(await deed.isThere()).toBe(true);
  expect(connection.bare.prepare('SELECT count(*) FROM heartbeat WHERE at = 77').pluck().get()).toBe(0);
});

test('work that ends the transaction by itself is not said to be kept', async () => {
  const connection = server.app.get(Connection);
  await expect(
    connection.transaction((database) => {
      database.exec('ROLLBACK');
    }),
  ).rejects.toThrow(/ended before/);
  expect(connection.bare.inTransaction).toBe(false);
});

test.each([
  [{ code: 'SQLITE_FULL' }, true],
  [{ driverError: { code: 'SQLITE_IOERR_SHORT_READ' } }, true],
  [{ code: 'SQLITE_CONSTRAINT_UNIQUE' }, false],
  [{ code: 'SQLITE_FULLER' }, false],
  [new Error('no'), false],
  [null, false],
])('%j is a fault of the storage: %p', (error, is) => {
  expect(storageFault(error) !== null).toBe(is);
});
