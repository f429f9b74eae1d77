import { origin, publishSignup, TestServer, type Published } from '../testing/server.js';
import { WorkerPool } from './worker-pool.js';

let server: TestServer;
let there: Published;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
});
afterAll(() => server.stop());

const brand = (path: string, body: object) => server.post(`/api/sites/${there.siteId}/brand/${path}`, body);
const tokens = (file: unknown) => brand('tokens', { text: JSON.stringify(file) });

test('a file that costs more time than it may costs its sender an error, and the next one is read', async () => {
  // What can be made to take for ever is found again and again; here a task is simply given too much.
  const workers = server.app.get(WorkerPool);
  const many = Array.from({ length: 60_000 }, (_, at) => ({ id: String(at), published: false }));
  const { body: widget } = await server.get(`/api/widgets/${there.widget}`);
  const { body: own } = await server.get(`/api/sites/${there.siteId}/brand`);
  const endless = workers.run('previewBrand', {
    widgets: many.map((one) => ({ ...one, document: widget.document })),
    before: own,
    after: own,
    replacements: {},
  });
  const meanwhile = await tokens({ a: { $type: 'color', $value: '#112233' } });
  expect(meanwhile.body.count).toBe(1);
  await expect(endless).rejects.toThrow(/takes more than 5 seconds/);
  const preview = await server.get(`/api/widgets/${there.widget}/preview`);
  expect(preview.status).toBe(200);
}, 20_000);

test('while a file is read, visitors are answered', async () => {
  const css = `a{color:rgb(1 2 3);background:var(--x,#112233)}`.repeat(800);
  let reading = true;
  const read = brand('proposal', { html: `<style>${css}</style>` }).finally(() => (reading = false));
  let answered = 0;
  while (reading) {
    expect((await server.get(`/m/${there.key}.json`, { origin })).status).toBe(200);
    answered++;
  }
  expect((await read).status).toBe(200);
  expect(answered).toBeGreaterThan(3);
  // Reading may take the five seconds that a worker is given.
}, 20_000);

const polluted = JSON.parse(
  '{"constructor":{"prototype":{"toString":{"$type":"color","$value":"#111111"},"then":{"$type":"color","$value":"#111111"}}}}',
) as object;

test('no token file reaches what every object inherits', async () => {
  for (const file of [
    polluted,
    JSON.parse('{"__proto__":{"then":{"$type":"color","$value":"#111111"}}}'),
    JSON.parse('{"a":{"__proto__":{"then":{"$type":"color","$value":"#111111"}}}}'),
  ]) {
    expect((await tokens(file)).status).toBe(200);
    expect((await brand('preview', { tokens: file, looks: {}, fonts: [] })).status).toBeLessThan(500);
    expect(
      (await server.put(`/api/sites/${there.siteId}/brand`, { tokens: file, looks: {}, fonts: [] })).status,
    ).toBeLessThan(500);
    expect(Object.keys(Object.prototype)).toEqual([]);
    expect(({} as { then?: unknown }).then).toBeUndefined();
    expect((await server.get('/health')).status).toBe(200);
    expect((await server.get(`/m/${there.key}.json`, { origin })).status).toBe(200);
  }
});

test.each<[string, string, object, number]>([
  [
    'chained aliases',
    'tokens',
    {
      text: JSON.stringify(
        Object.fromEntries(
          Array.from({ length: 1900 }, (_, at) => [`t${at}`, { $type: 'color', $value: `{t${at + 1}}` }]),
        ),
      ),
    },
    200,
  ],
  [
    'a token of nothing',
    'preview',
    { tokens: { a: { $type: 'color', $value: null } }, looks: {}, fonts: [] },
    400,
  ],
  ['no JSON', 'tokens', { text: '{{{' }, 400],
  ['a list', 'tokens', { text: '[1]' }, 400],
  ['style elements without end', 'proposal', { html: '<style>'.repeat(40_000) }, 200],
  ['attributes without end', 'proposal', { html: '<link '.repeat(100_000) }, 400],
  ['elements inside each other', 'proposal', { html: '<b>'.repeat(290_000) }, 400],
  ['deep CSS', 'proposal', { html: `<style>${'@media all{'.repeat(1800)}</style>` }, 400],
  ['mistakes without end', 'proposal', { html: `<style>a{${':;'.repeat(200_000)}}</style>` }, 400],
  ['deep brackets', 'proposal', { html: `<style>a{width:${'('.repeat(100_000)}}</style>` }, 400],
])('%s are read or refused at once', async (_, path, body, status) => {
  const answer = await brand(path, body);
  expect([answer.status, typeof answer.body]).toEqual([status, 'object']);
});

test('a page of 290 000 elements is refused, and one as pages are is kept', async () => {
  const store = (html: string) =>
    server.post(`/api/sites/${there.siteId}/pages`, { address: `${origin}/x`, title: 'X', html });
  expect((await store('<b>'.repeat(290_000))).body.message).toMatch(/nested more than 256 deep/);
  expect((await store('<p>x</p>'.repeat(60_001))).body.message).toMatch(/more than 60000 elements/);
  expect((await store(`<title>${'<title'.repeat(20_000)}`)).status).toBe(201);
  expect((await store('<p>x</p>'.repeat(10_000))).status).toBe(201);
});
