import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';
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
  ['words=%25', ['100 % sure']],
  ['words=_', ['Under_score']],
  ['words=journal', ['Under_score', '100 % sure', 'Ada Holt']],
  ['words=nobody', []],
  ['words=label', []],
  ['limit=1', ['Under_score']],
])('searching by %s', async (query, names) => {
  expect(await list(query)).toEqual(names);
});

test('a page of the list ends where the next begins', async () => {
  const { body } = await server.get(`/api/sites/${there.siteId}/submissions?limit=1`);
  expect(await list(`before=${body.submissions[0].receivedAt}`)).toEqual(['100 % sure', 'Ada Holt']);
  expect(body.total).toBe(3);
});

test('only of one widget', async () => {
  expect(await list(`widget=${there.widget}`)).toHaveLength(3);
  expect(await list('widget=w_other')).toEqual([]);
});

test.each(['limit=0', 'limit=999', 'limit=x', 'before=-1', 'order=up'])('%s is refused', async (query) => {
  expect((await server.get(`/api/sites/${there.siteId}/submissions?${query}`)).status).toBe(400);
});

test('the CSV has a row each, newest first', async () => {
  const { body, headers } = await server.get(`/api/sites/${there.siteId}/submissions.csv?words=x.example`);
  expect(headers.get('content-disposition')).toContain('submissions.csv');
  const lines = String(body).trim().split('\r\n');
  expect(lines).toHaveLength(3);
  expect(lines[0]).toBe('Received,Widget,Page,Your name,E-mail,Submission');
  expect(lines[1]).toContain('100 % sure,sure@x.example');
});

test('CSV cells are quoted where they must be and never run as formulas', () => {
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
  });
  const csv = submissionsCsv([one('=1+1'), one('@x'), one('a "quoted", b\nc'), one('-1')]);
  expect(csv).toContain("'=1+1");
  expect(csv).toContain("'@x");
  expect(csv).toContain("'-1");
  expect(csv).toContain('"a ""quoted"", b\nc"');
  expect(csv.startsWith('\ufeff')).toBe(true);
});
