import { origin, publishSignup, TestServer } from '../testing/server.js';

let server: TestServer;
let path: string;

beforeAll(async () => {
  server = await TestServer.start();
  path = `/api/sites/${(await publishSignup(server)).siteId}/saved-replies`;
});
afterAll(() => server.stop());

const names = async () => (await server.get(path)).body.map(({ name }: { name: string }) => name);

test('replies are saved by short names, in whatever case, found in their order and removed', async () => {
  expect((await server.post(path, { name: 'rain', text: 'We show the planetarium then.' })).status).toBe(200);
  await server.post(path, { name: 'Parking', text: 'Forty places, {{name}}.' });
  const again = await server.post(path, { name: 'RAIN', text: 'Then the planetarium.' });
  expect(again.body).toMatchObject({ name: 'RAIN', text: 'Then the planetarium.' });
  expect(await names()).toEqual(['Parking', 'RAIN']);
  expect((await server.send('DELETE', `${path}/${again.body.id}`)).status).toBe(204);
  expect((await server.send('DELETE', `${path}/${again.body.id}`)).status).toBe(404);
  expect(await names()).toEqual(['Parking']);
});

test.each([
  [{ name: 'two words', text: 'x' }, /name must be one word/],
  [{ name: '', text: 'x' }, /name/],
  [{ name: 'x', text: ' ' }, /text must not be empty/],
  [{ name: 'x', text: 'x'.repeat(4001) }, /text/],
  [{ name: 'x', text: 'x', site: 'other' }, /site/],
])('%j is refused', async (reply, reason) => {
  const { status, body } = await server.post(path, reply);
  expect([status, JSON.stringify(body)]).toEqual([400, expect.stringMatching(reason)]);
});

test('those of another site are none of this one', async () => {
  const { body: site } = await server.post('/api/sites', { name: 'Elsewhere', origins: [`${origin}:8443`] });
  expect((await server.get(`/api/sites/${site.id}/saved-replies`)).body).toEqual([]);
  const [reply] = (await server.get(path)).body;
  expect((await server.send('DELETE', `/api/sites/${site.id}/saved-replies/${reply.id}`)).status).toBe(404);
});
