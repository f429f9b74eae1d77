import { jest } from '@jest/globals';
import { Mailer } from '../../mail/mailer.js';
import { message } from '../../testing/chat.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../../testing/server.js';
import { OutboxService } from '../outbox.service.js';
import { ConversationHandler } from './conversation.js';

let server: TestServer;
let there: Awaited<ReturnType<typeof publishSignup>>;
const mails: { to?: unknown; text?: unknown }[] = [];

beforeAll(async () => {
  server = await TestServer.start();
  jest.spyOn(server.app.get(Mailer), 'send').mockImplementation(async (mail) => void mails.push(mail));
  there = await publishSignup(server);
});
afterAll(() => server.stop());

const desk = (rest = '') => `/api/sites/${there.siteId}/conversations${rest}`;
const going = async () => (await server.get(desk('?state=going'))).body;
const messagesOf = async (email: string) => {
  const found = (await going()).filter((one: { email: string }) => one.email === email);
  expect(found).toHaveLength(1);
  return (await server.get(desk(`/${found[0].id}`))).body.messages;
};

async function sendFrom(email: string, text?: string) {
  const document = signupDocument();
  document.name = 'Ask the dome';
  document.afterwards.actions = [{ type: 'conversation', ...(text !== undefined && { text }) }];
  there = await publishAlso(server, there, document);
  await server.post(`/c/${there.key}/submissions`, submission(there, { email }), { origin });
  await server.app.get(OutboxService).runDue();
}

test('a submission waits at the desk, with what its words say, and its answer goes out by mail', async () => {
  await sendFrom('mira@stone.example', 'They left {{email}}.');
  const [one, ...others] = await going();
  expect(others).toEqual([]);
  expect(one).toMatchObject({ state: 'waiting', email: 'mira@stone.example' });
  expect(await messagesOf(one.email)).toMatchObject([{ text: 'They left mira@stone.example.' }]);
  await server.post(desk(`/${one.id}/messages`), { message: message('Come on Friday.'), note: false });
  expect(mails).toMatchObject([{ to: 'mira@stone.example' }]);
  expect(String(mails[0]?.text)).toContain('Come on Friday.');
});

test('without words of its own all answers are told; nobody without an address becomes one', async () => {
  await sendFrom('bran@holt.example');
  const [{ text }] = await messagesOf('bran@holt.example');
  expect(text).toContain('bran@holt.example');
  const handler = server.app.get(ConversationHandler);
  expect(handler.targets({ type: 'conversation' }, { form: 'f', answers: {}, email: '' })).toEqual([]);
});

test('done twice, a delivery makes one conversation with one message', async () => {
  const handler = server.app.get(ConversationHandler);
  const run = jest.spyOn(handler, 'run');
  await sendFrom('tova@fell.example');
  const [errand] = run.mock.calls[0] ?? [];
  if (!errand) throw new Error('It was not run');
  await handler.run(errand);
  expect(await messagesOf('tova@fell.example')).toHaveLength(1);
});
