import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../../testing/server.js';
import { OutboxService } from '../outbox.service.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;

beforeAll(async () => {
  server = await TestServer.start();
  there = await publishSignup(server);
  const document = signupDocument();
  document.name = 'Tagged';
  document.afterwards.actions = [
    { type: 'tag', tag: ' Teacher ' },
    { type: 'tag', tag: '' },
  ];
  there = await publishAlso(server, there, document);
});
afterAll(() => server.stop());

const path = (rest: string) => `/api/sites/${there.siteId}/${rest}`;
const runDue = () => server.app.get(OutboxService).runDue();

async function sendFrom(email: string) {
  const sent = submission(there, { email });
  await server.post(`/c/${there.key}/submissions`, sent, { origin });
  await runDue();
  return async () => (await server.get(path(`submissions/${sent.id}`))).body;
}

test('the sender gets the tag, once', async () => {
  await sendFrom('mira@stone.example');
  const read = await sendFrom('mira@stone.example');
  const { person, deliveries } = await read();
  expect(deliveries).toMatchObject([{ state: 'sent', label: 'Tag for mira@stone.example' }]);
  expect((await server.get(path(`persons/${person.id}`))).body.tags).toEqual(['Teacher']);
});

test('who has as many as one can have is left as they are; what failed is tried again together', async () => {
  const read = await sendFrom('bran@holt.example');
  const { person } = await read();
  const tags = Array.from({ length: 30 }, (_, at) => `t${at}`);
  await server.send('PATCH', path(`persons/${person.id}`), { tags });
  const again = await sendFrom('bran@holt.example');
  expect((await again()).deliveries).toMatchObject([
    { state: 'failed', lastError: 'They have 30 tags already. Remove one, then try again.' },
  ]);
  expect((await server.get(path('submissions'))).body.failed).toBe(1);

  await server.send('PATCH', path(`persons/${person.id}`), { tags: tags.slice(1) });
  expect((await server.post(path('deliveries/repeat-failed'), { all: true })).body).toEqual({ repeated: 1 });
  await runDue();
  expect((await again()).deliveries).toMatchObject([{ state: 'sent', lastError: null }]);
  expect((await server.get(path('submissions'))).body.failed).toBe(0);
  expect((await server.post(path('deliveries/repeat-failed'), { all: true })).body).toEqual({ repeated: 0 });
});
