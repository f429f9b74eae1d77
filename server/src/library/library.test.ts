import { origin, signupDocument, TestServer } from '../testing/server.js';

let server: TestServer;
let site: string;

beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
  site = (await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] })).body.id;
});
afterAll(() => server.stop());

const branch = { root: 'e1', elements: { e1: { type: 'badge', words: 'New' } } };

test('an element is kept, listed newest first, and taken off', async () => {
  const shelf = `/api/sites/${site}/shelf`;
  const kept = await server.post(shelf, { name: 'A badge', branch });
  expect([kept.status, kept.body.branch]).toEqual([201, branch]);
  server.clock.pass(1000);
  await server.post(shelf, { name: 'Another', branch });
  expect((await server.get(shelf)).body.map(({ name }: { name: string }) => name)).toEqual([
    'Another',
    'A badge',
  ]);
  expect((await server.send('DELETE', `${shelf}/${kept.body.id}`)).status).toBe(204);
  expect((await server.send('DELETE', `${shelf}/${kept.body.id}`)).status).toBe(404);
});

test.each([
  ['no name', { name: '', branch }],
  ['an unknown field', { name: 'X', branch, hat: 1 }],
  ['an unknown element', { name: 'X', branch: { root: 'a', elements: { a: { type: 'hat' } } } }],
  ['no root', { name: 'X', branch: { root: 'a', elements: {} } }],
  [
    'a circle',
    {
      name: 'X',
      branch: { root: 'a', elements: { a: { type: 'group', direction: 'row', children: ['a'] } } },
    },
  ],
])('%s is refused', async (_, body) => {
  const answer = await server.post(`/api/sites/${site}/shelf`, body);
  expect(answer.status).toBe(400);
  expect(answer.body.message).toEqual(expect.any(String));
});

test('a widget becomes a starter, and is one no longer', async () => {
  const starters = `/api/sites/${site}/starters`;
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, {
    name: 'Letter',
    document: signupDocument(),
  });
  const kept = await server.post(starters, {
    widget: widget.id,
    purpose: 'gather',
    says: 'Asks for an address.',
  });
  expect(kept.body).toMatchObject({ purpose: 'gather', document: { name: 'Letter' } });
  expect((await server.get(starters)).body).toHaveLength(1);
  expect((await server.post(starters, { widget: widget.id, purpose: 'hat', says: 'x' })).status).toBe(400);
  expect((await server.post(starters, { widget: 'w_none', purpose: 'give', says: 'x' })).status).toBe(404);
  expect((await server.send('DELETE', `${starters}/${kept.body.id}`)).status).toBe(204);
  expect((await server.get(starters)).body).toEqual([]);
});

test('a deleted widget is put aside and brought back as it was', async () => {
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, {
    name: 'Going',
    document: signupDocument(),
  });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  const listed = async () =>
    (await server.get(`/api/sites/${site}/widgets`)).body.find(({ id }: { id: string }) => id === widget.id);
  expect((await server.send('DELETE', `/api/widgets/${widget.id}`)).status).toBe(204);
  expect(await listed()).toBeUndefined();
  expect((await server.get(`/api/widgets/${widget.id}`)).status).toBe(404);
  expect((await server.post(`/api/widgets/${widget.id}/bring-back`)).status).toBe(204);
  expect(await listed()).toMatchObject({ name: 'Going', publishedNumber: 1 });
});

test('a copy is a draft of its own, on this site or another', async () => {
  const { body: other } = await server.post('/api/sites', { name: 'Wend & Weft', origins: [] });
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, {
    name: 'Whole',
    document: signupDocument(),
  });
  const here = await server.post(`/api/widgets/${widget.id}/copy`, { name: 'Whole (copy)' });
  expect(here.body).toMatchObject({
    siteId: site,
    publishedNumber: null,
    document: { name: 'Whole (copy)' },
  });
  const there = await server.post(`/api/widgets/${widget.id}/copy`, { name: 'Whole', site: other.id });
  expect(there.body.siteId).toBe(other.id);
  expect((await server.post(`/api/widgets/${widget.id}/copy`, { name: 'X', site: 'site_none' })).status).toBe(
    404,
  );
});
