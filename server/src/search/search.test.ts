import { DataSource } from 'typeorm';
import { origin, publishSignup, submission, TestServer, type Published } from '../testing/server.js';
import { matchOf } from './search-words.js';

let server: TestServer;
let there: Published;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  for (const [name, email] of [
    ['Mira Müller', 'mira@stone.example'],
    ['Bran "Quoted" Holt', 'bran@holt.example'],
  ]) {
    server.clock.pass(1000);
    await server.post(`/c/${there.key}/submissions`, submission(there, { name, email }), { origin });
  }
});
afterAll(() => server.stop());

interface Hit {
  kind: string;
  title: string;
  target: string;
  pieces: { text: string; isFound: boolean }[];
}
const search = async (words: string, site = there.siteId) =>
  (await server.get(`/api/sites/${site}/search?words=${encodeURIComponent(words)}`)).body.hits as Hit[];
const kinds = async (words: string) => (await search(words)).map(({ kind }) => kind);

test('words are found by how they begin, without accents, all of them in one thing', async () => {
  expect(await kinds('muller')).toEqual(['person', 'submission']);
  expect(await kinds('MÜL mir')).toEqual(['person', 'submission']);
  expect(await kinds('mira holt')).toEqual([]);
  expect(await kinds('stone.ex')).toEqual(['person', 'submission']);
  const [hit] = await search('muller');
  expect(hit?.pieces.filter(({ isFound }) => isFound)).toEqual([{ text: 'Müller', isFound: true }]);
});

test.each([
  '"',
  '%',
  '* OR *',
  'NEAR(',
  'scope : x',
  'a"b',
  '\0',
  "x' --",
  '^',
  '-',
  'AND',
  '{title} : mira',
])('what was typed is no syntax: %j', async (words) => {
  const { status } = await server.get(`/api/sites/${there.siteId}/search?words=${encodeURIComponent(words)}`);
  expect(status).toBe(200);
});

test('marks alone look for nothing', () => {
  expect(matchOf('s_1', 'person', ' % _ " ', 'beginning')).toBeNull();
});

test('notes, leads and invoices are found too, as they are now', async () => {
  const [person] = await search('mira stone.example').then((hits) =>
    hits.filter(({ kind }) => kind === 'person'),
  );
  const path = `/api/sites/${there.siteId}`;
  const { body } = await server.post(`${path}/persons/${person?.target}/notes`, {
    text: 'Brings a telescope',
  });
  const { body: board } = await server.get(`${path}/leads`);
  await server.post(`${path}/leads`, {
    person: person?.target,
    stage: board.stages[0].id,
    title: 'Telescope evening',
  });
  const { body: invoice } = await server.post(`${path}/invoices`, { person: person?.target });
  await server.put(`${path}/invoices/${invoice.id}`, { ...draftOf(invoice), note: 'For the telescope' });
  expect((await search('telescope')).map(({ kind, title }) => [kind, title])).toEqual([
    ['note', 'Mira Müller'],
    ['lead', 'Telescope evening'],
    ['invoice', 'Draft'],
  ]);
  await server.send('DELETE', `${path}/persons/${person?.target}/notes/${body.timeline[0].id}`);
  await server.send('PATCH', `${path}/persons/${person?.target}`, {
    name: 'Mira Smith',
    tags: ['Astronomer'],
  });
  expect(await kinds('telescope')).toEqual(['lead', 'invoice']);
  expect(await kinds('astronomer smith')).toEqual(['person']);
  expect(await kinds('muller')).toEqual(['submission', 'invoice']);
});

const draftOf = ({ buyer, lines, currency, dueOn }: Record<string, unknown>) => ({
  buyer,
  lines,
  currency,
  dueOn,
});

test('another site finds nothing of it', async () => {
  const other = await publishSignup(server);
  expect(await search('mira', other.siteId)).toEqual([]);
});

test('what is erased is in no index any more', async () => {
  const [person] = (await search('bran')).filter(({ kind }) => kind === 'person');
  await server.send('DELETE', `/api/sites/${there.siteId}/persons/${person?.target}`);
  expect(await search('bran')).toEqual([]);
  const dataSource = server.app.get(DataSource);
  await dataSource.query(`INSERT INTO search_words (search_words) VALUES ('integrity-check')`);
  const words = await dataSource.query<unknown[]>(
    `SELECT 1 FROM search_words WHERE search_words MATCH 'quoted'`,
  );
  expect(words).toEqual([]);
});

test('many of one moment each have a place, the last first', async () => {
  for (let nth = 0; nth < 30; nth++)
    await server.post(`/c/${there.key}/submissions`, submission(there, { name: `Twin ${nth}`, email: '' }), {
      origin,
    });
  const sent = Array.from({ length: 12 }, (_, nth) =>
    server.post(
      `/c/${there.key}/submissions`,
      submission(there, { name: `Twin ${nth}`, email: `t${nth}@x.example` }),
      { origin },
    ),
  );
  await Promise.all(sent);
  const seen = new Set<string>();
  let next: string | null = '';
  while (next !== null) {
    const after = next ? `&after=${next}` : '';
    const { body } = await server.get(`/api/sites/${there.siteId}/submissions?words=twin&limit=5${after}`);
    for (const { id } of body.submissions) seen.add(id);
    next = body.next;
  }
  expect(seen.size).toBe(12);
});

let made = 0;
test('whole words come first: where they fill a page, longer ones follow them', async () => {
  for (const name of ['Star', 'Starling', 'Star', 'Starry', 'Star'])
    await server.post(
      `/c/${there.key}/submissions`,
      submission(there, { name, email: `bird${made++}@x.example` }),
      { origin },
    );
  const page = async (query: string) => {
    const { body } = await server.get(`/api/sites/${there.siteId}/submissions?${query}`);
    const names = body.submissions.map(({ fields }: { fields: { value: string }[] }) => fields[0]?.value);
    return { names, total: body.total as number };
  };
  expect(await page('words=star&limit=2')).toEqual({ names: ['Star', 'Star'], total: 5 });
  expect((await page('words=star&limit=50')).names).toEqual(['Star', 'Starry', 'Star', 'Starling', 'Star']);
});
