import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';
import { harmless } from '../shared/csv.js';
import { submissionsCsv } from './csv.js';
import type { SubmissionEntity } from './people.entity.js';

let server: TestServer;
let there: Published;

beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  for (const [name, email] of [
    ['Ada Holt', 'ada@x.example'],
    ['100 % sure', 'sure@x.example'],
    ['Under_score', 'under@y.example'],
  ]) {
    server.clock.pass(1000);
    await server.post(`/c/${there.key}/submissions`, submission(there, { name, email }), { origin });
  }
});
afterAll(() => server.stop());

const list = async (query: string) => {
  const { body } = await server.get(`/api/sites/${there.siteId}/submissions?${query}`);
  return body.submissions?.map((one: { person: { name: string } }) => one.person.name) as string[];
};

test.each([
  ['', ['Under_score', '100 % sure', 'Ada Holt']],
  ['words=holt', ['Ada Holt']],
  ['words=x.example ada', ['Ada Holt']],
  ['words=100 sur', ['100 % sure']],
  ['words=score', ['Under_score']],
  ['words=%25', ['Under_score', '100 % sure', 'Ada Holt']],
  ['words=journal', ['Under_score', '100 % sure', 'Ada Holt']],
  ['words=nobody', []],
  ['words=label', []],
  ['limit=1', ['Under_score']],
])('searching by %s', async (query, names) => {
  expect(await list(query)).toEqual(names);
});

test('a page of the list ends where the next begins', async () => {
  const { body } = await server.get(`/api/sites/${there.siteId}/submissions?limit=1`);
  expect(await list(`after=${body.next}`)).toEqual(['100 % sure', 'Ada Holt']);
  expect(body.total).toBe(3);
});

test('none is left out or told twice where many came in one moment', async () => {
  const other = await TestServer.start();
  try {
    const signup = await publishSignup(other);
    const sent = Array.from({ length: 23 }, (_, at) => submission(signup, { email: `m${at}@x.example` }));
    // Not in the order of their ids, and some in other moments.
    for (const [at, one] of [...sent].reverse().entries()) {
      if (at % 9 === 0) other.clock.pass(1);
      await other.post(`/c/${signup.key}/submissions`, one, { origin });
    }
    const seen: string[] = [];
    let next: string | null = '';
    while (next !== null) {
      const after = next ? `&after=${next}` : '';
      const { body } = await other.get(`/api/sites/${signup.siteId}/submissions?limit=4${after}`);
      seen.push(...body.submissions.map(({ id }: { id: string }) => id));
      next = body.next;
    }
    expect(seen).toHaveLength(23);
    expect([...new Set(seen)].sort()).toEqual(sent.map(({ id }) => id).sort());
  } finally {
    await other.stop();
  }
});

test('only of one widget', async () => {
  expect(await list(`widget=${there.widget}`)).toHaveLength(3);
  expect(await list('widget=w_other')).toEqual([]);
});

test.each(['limit=0', 'limit=999', 'limit=x', 'after=-1', 'after=1_', "after=1_'OR'1", 'order=up'])(
  '%s is refused',
  async (query) => {
    expect((await server.get(`/api/sites/${there.siteId}/submissions?${query}`)).status).toBe(400);
  },
);

test('the CSV has a row each, newest first', async () => {
  const { body, headers } = await server.get(`/api/sites/${there.siteId}/submissions.csv?words=x.example`);
  expect(headers.get('content-disposition')).toContain('submissions.csv');
  const lines = String(body).trim().split('\r\n');
  expect(lines).toHaveLength(3);
  expect(lines[0]).toBe('Received,Widget,Page,Your name,E-mail,Submission');
  expect(lines[1]).toContain('100 % sure,sure@x.example');
});

const one = (value: string): SubmissionEntity => ({
  siteId: 's',
  id: '0',
  widgetId: 'w',
  widgetName: 'W',
  versionNumber: 1,
  personId: null,
  fields: [{ key: 'a', label: 'A', value }],
  page: '/',
  pageTitle: '',
  receivedAt: 0,
  held: null,
  readAt: null,
  assigneeId: null,
});

async function csvOf(...pages: SubmissionEntity[][]): Promise<string> {
  const parts: string[] = [];
  async function* read() {
    yield* pages;
  }
  for await (const part of submissionsCsv(read)) parts.push(part);
  return parts.join('');
}

test('CSV cells are quoted where they must be, and columns are those of all pages', async () => {
  const other = { ...one('x'), fields: [{ key: 'b', label: 'B', value: 'y' }] };
  const csv = await csvOf([one('a "quoted", b\nc'), one('=1+1')], [other]);
  expect(csv).toContain('"a ""quoted"", b\nc"');
  expect(csv.startsWith('\ufeffReceived,Widget,Page,A,B,Submission\r\n')).toBe(true);
  expect(csv).toContain(",'=1+1,");
  expect(csv.trimEnd().split('\r\n').at(-1)).toContain('/,,y,0');
});

test.each([
  ['=1+1', "'=1+1"],
  ['@x', "'@x"],
  ['-1', "'-1"],
  ['+44 20', "'+44 20"],
  ['＝1+1', "'＝1+1"],
  ['＋1', "'＋1"],
  ['－1', "'－1"],
  ['＠x', "'＠x"],
  ['\0=1', "'=1"],
  ['\ufeff=1', "\ufeff'=1"],
  ['\u200b=1', "\u200b'=1"],
  ['  =1', "  '=1"],
  ['\u00a0\u2060=1', "\u00a0\u2060'=1"],
  ['x;=1+1', "x;'=1+1"],
  ['x; =1+1', "x; '=1+1"],
  ['x\t@y', "x\t'@y"],
  ['x\n=1', "x\n'=1"],
  ['x\r\n=1', "x\r\n'=1"],
  ['a-b = c + d', 'a-b = c + d'],
  ['mira@stone.example', 'mira@stone.example'],
])('%j runs nowhere', (text, expected) => {
  expect(harmless(text)).toBe(expected);
});
