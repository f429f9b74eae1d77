import { publishSignup, TestServer, type Published } from '../testing/server.js';

let server: TestServer;
let there: Published;
beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
});
afterAll(() => server.stop());

const read = (body: unknown) => server.post(`/api/sites/${there.siteId}/pages/forms`, body);

test('the forms of a page are read, and nothing of it is kept', async () => {
  const html = '<form><label>Your name <input name="name" required></label><button>Go on</button></form>';
  const { body } = await read({ html });
  expect(body).toEqual([
    {
      ...{ title: 'Form', button: 'Go on', left: [] },
      fields: [{ type: 'field', kind: 'name', key: 'name', label: 'Your name', required: true }],
    },
  ]);
  expect((await server.get(`/api/sites/${there.siteId}/pages`)).body).toEqual([]);
});

test.each([
  ['nothing', {}, 'Give the address'],
  ['empty markup', { html: '' }, 'html'],
  ['markup without end', { html: '<input>'.repeat(70_000) }, 'larger or nested deeper'],
  ['a page of elsewhere', { address: 'https://elsewhere.example/' }, 'origin'],
  ['what nobody knows', { html: '<p>x', more: 1 }, 'more is not a known field'],
])('%s is refused', async (_, body, reason) => {
  const answer = await read(body);
  expect([answer.status, answer.body.message]).toEqual([400, expect.stringContaining(reason)]);
});
