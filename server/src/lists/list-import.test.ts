import { DataSource } from 'typeorm';
import { publishSignup, TestServer } from '../testing/server.js';
import { ListsService } from './lists.service.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;
let list: string;

beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  await server.app
    .get(DataSource)
    .query(`INSERT INTO list (id, siteId, name, createdAt) VALUES ('l', ?, 'Letter', 0)`, [there.siteId]);
  list = `/api/sites/${there.siteId}/lists/l`;
});
afterAll(() => server.stop());

const words = 'Signed on paper at the open day, 2026';

async function bring(file: string | Uint8Array, { dry = false, said = words } = {}) {
  const query = new URLSearchParams({ words: said, ...(dry && { dry: 'true' }) });
  const answer = await fetch(`${server.address}${list}/import?${query}`, {
    method: 'POST',
    headers: {
      'content-type': 'application/octet-stream',
      cookie: server.cookie,
    },
    body: file as BodyInit,
  });
  return { status: answer.status, body: (await answer.json()) as Record<string, unknown> };
}
const entries = async (query = '') => (await server.get(`${list}/entries?limit=200${query}`)).body.entries;
const utf16 = (text: string, big = false) => {
  const bytes = Buffer.from(`\ufeff${text}`, 'utf16le');
  return new Uint8Array(big ? bytes.swap16() : bytes);
};

test('a table is tried first, then brought in; what is broken is told, and the rest comes', async () => {
  const file = [
    'First name,Last name,E-mail,Town',
    'Ada,"Abel, the elder",ada@abel.example,Tarn',
    'Bram,Brook,bram(at)brook.example,Tarn',
    'Cleo,Castell,cleo@castell.example',
    'Dario,Dunmore,,Tarn',
    'Ada,Abel,ADA@abel.example,Tarn',
    '',
  ].join('\r\n');
  const expected = {
    ...{ rows: 5, added: 2, already: 1, suppressed: 0, broken: 2 },
    problems: [
      { row: 3, reason: '“bram(at)brook.example” is not an e-mail address' },
      { row: 5, reason: 'has no e-mail address' },
    ],
  };
  expect((await bring(file, { dry: true })).body).toEqual(expected);
  expect(await entries()).toEqual([]);
  expect((await bring(file)).body).toEqual(expected);
  const [ada] = await entries('&words=ada');
  expect(ada).toMatchObject({
    person: { name: 'Ada Abel, the elder', email: 'ada@abel.example' },
    state: 'confirmed',
    events: [{ kind: 'imported', words }],
  });
  expect((await bring(file)).body).toMatchObject({ added: 0, already: 3 });
});

test('who has left the list is not put on it again', async () => {
  const { site } = await server.app
    .get(DataSource)
    .query<{ token: string; site: string }[]>(
      `SELECT entry.token, person.siteId AS site FROM list_entry entry JOIN person ON person.id = entry.personId
       WHERE person.email = 'cleo@castell.example'`,
    )
    .then(async ([row]) => {
      const service = server.app.get(ListsService);
      await service.unsubscribe({ id: row?.site ?? '' } as never, row?.token ?? '', '');
      return { site: row?.site };
    });
  expect(site).toBe(there.siteId);
  expect((await bring('cleo@castell.example\n', { dry: true })).body).toMatchObject({
    added: 0,
    suppressed: 1,
  });
  expect((await bring('cleo@castell.example\n')).body).toMatchObject({ added: 0, suppressed: 1 });
  expect(await entries('&words=cleo')).toMatchObject([{ state: 'unsubscribed' }]);
});

test.each([
  ['semicolons', 'Name;Mail\nEdda Holt;edda1@holt.example\n', 'edda1@holt.example'],
  ['tabs', 'mail\tname\nedda2@holt.example\tEdda Holt\n', 'edda2@holt.example'],
  ['no headings', 'edda3@holt.example\n', 'edda3@holt.example'],
  [
    'UTF-16 as spreadsheets write it',
    utf16('Name\tE-mail\r\nEdda Höltß\tedda4@holt.example\r\n'),
    'edda4@holt.example',
  ],
  [
    'UTF-16 the other way round',
    utf16('Name;E-mail\r\nEdda;edda5@holt.example\r\n', true),
    'edda5@holt.example',
  ],
  [
    'vCards',
    'BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Edda\\, Holt\r\nEMAIL:edda6@holt.example\r\nEND:VCARD\r\n',
    'edda6@holt.example',
  ],
  [
    'vCards of version 3, folded',
    'BEGIN:VCARD\nVERSION:3.0\nFN:Edda\n  Holt\nEMAIL;TYPE=INTERNET:edda7@ho\n lt.example\nEND:VCARD\n',
    'edda7@holt.example',
  ],
])('%s are read', async (_, file, email) => {
  expect((await bring(file)).body).toMatchObject({ added: 1, broken: 0 });
  expect(await entries(`&words=${email}`)).toMatchObject([{ person: { email } }]);
});

test('many rows in UTF-16, three of them broken', async () => {
  const rows = Array.from({ length: 12_000 }, (_, at) => `Person ${at}\tmany${at}@post.example`);
  rows[10] = 'Nobody\tnone';
  rows[5000] = 'Nobody\t';
  rows[11_999] = '\u0000\t@';
  const { body } = await bring(utf16(['Name\tE-mail', ...rows].join('\n')));
  expect(body).toMatchObject({ rows: 12_000, added: 11_997, broken: 3 });
  expect((body['problems'] as { row: number }[]).map(({ row }) => row)).toEqual([12, 5002, 12_001]);
});

test('what is no file of people does no harm', async () => {
  const noise = new Uint8Array(200_000).map((_, at) => (at * 7919) % 251);
  expect((await bring(noise)).body).toMatchObject({ added: 0 });
  expect((await bring('')).body).toMatchObject({ rows: 0 });
  expect((await bring(`BEGIN:VCARD\n${'X'.repeat(300_000)}`)).body).toMatchObject({ added: 0 });
  expect((await bring('a@b.example\n', { said: ' ' })).status).toBe(400);
  expect((await server.post(`${list}/import?words=${encodeURIComponent(words)}`)).status).toBe(400);
});
