import { origin, publishSignup, TestServer } from '../testing/server.js';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
});
afterAll(() => server.stop());

const tokenIn = (link: string) => /#sirene-try=([\w-]{43})$/.exec(link)?.[1] ?? '';

test('a link opens the drafts of its site on its pages, whether published or not, for as long as it lasts', async () => {
  const { siteId, widget: widgetId } = await publishSignup(server);
  const made = await server.post(`/api/sites/${siteId}/tries`, { address: `${origin}/journal/moon?x=1` });
  expect(made.body.link).toMatch(/^https:\/\/larkmoor\.example\/journal\/moon\?x=1#sirene-try=/);
  const token = tokenIn(made.body.link as string);
  const manifest = await server.get(`/t/${token}.json`, { origin });
  expect(manifest.headers.get('cache-control')).toBe('no-store');
  const [widget] = manifest.body.widgets as { id: string; body: string; parts: string[] }[];
  expect(widget).toMatchObject({ id: widgetId, parts: ['form'] });
  const body = await server.get(widget?.body ?? '', { origin });
  expect(body.body).toMatchObject({ format: 2 });
  server.clock.pass(8 * 3_600_000);
  const late = await server.get(`/t/${token}.json`, { origin });
  expect([late.status, late.body.message]).toEqual([
    410,
    'This try link has expired. Make a new one in Sirene.',
  ]);
  expect((await server.get(widget?.body ?? '', { origin })).status).toBe(410);
});

test('a link that is forged opens nothing, and one of another site opens only that', async () => {
  const mine = await publishSignup(server);
  const other = await publishSignup(server);
  const made = await server.post(`/api/sites/${mine.siteId}/tries`, { address: `${origin}/` });
  const token = tokenIn(made.body.link as string);
  expect((await server.get(`/t/${token}/${other.widget}.json`)).status).toBe(404);
  expect(
    (await server.get(`/t/${token.slice(0, -1)}${token.endsWith('A') ? 'B' : 'A'}.json`, { origin })).status,
  ).toBe(404);
  expect((await server.get(`/t/${token}.json`, { origin: 'https://elsewhere.example' })).status).toBe(403);
});

test.each([
  ['https://elsewhere.example/', 400],
  ['javascript:alert(1)', 400],
  ['', 400],
  [7, 400],
])('no link is made to %j', async (address, status) => {
  const { siteId } = await publishSignup(server);
  expect((await server.post(`/api/sites/${siteId}/tries`, { address })).status).toBe(status);
});
