import { randomBytes } from 'node:crypto';
import { MessengerSink } from '../standins/messenger-sink.js';
import { ServicesService } from '../services/services.service.js';
import { SitesService } from '../sites/sites.service.js';
import { chatDocument } from '../testing/chat.js';
import { origin, TestServer } from '../testing/server.js';
import { webhookHeaders } from '../webhooks/signature.js';
import { BridgeOut } from './bridge-out.js';
import { bridgeSteps } from './bridge-checks.js';

const port = 17_325 + (process.pid % 1000);
const own = 16_325 + (process.pid % 1000);
let server: TestServer;
let site: { id: string; key: string };
let widget: string;

beforeAll(async () => {
  server = await TestServer.start({
    port: own,
    origin: `http://127.0.0.1:${own}`,
    standinMessengerPort: port,
    privateHosts: [`127.0.0.1:${port}`],
  });
  await server.signIn();
  site = (await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] })).body;
  const made = await server.post(`/api/sites/${site.id}/widgets`, {
    name: 'Evening desk',
    document: chatDocument(),
  });
  widget = made.body.id;
  await server.post(`/api/widgets/${widget}/publish`, { base: 1 });
});
afterAll(() => server.stop());

const api = (path: string) => `/api/sites/${site.id}/${path}`;
const siteEntity = async () => server.app.get(SitesService).byKey(site.key);
const sink = () => server.app.get(MessengerSink);
const writes = async (text: string, contact = 'c1', ref = widget) =>
  sink().write(await siteEntity(), { contact, name: 'Mira', text, ref, page: `${origin}/visit/` });
const conversations = async () => (await server.get(api('conversations?state=going'))).body;
const read = async (id: string) => (await server.get(api(`conversations/${id}?after=0`))).body;
const answer = (id: string, text: string) =>
  server.post(api(`conversations/${id}/messages`), {
    message: { id: randomBytes(16).toString('hex'), text },
    note: false,
  });
const texts = async () => (await server.get(api('test-messenger'))).body.texts;
const behaves = async (changes: object) => {
  const { webhookUrl, domains, behaviour } = (await server.get(api('test-messenger'))).body;
  await server.put(api('test-messenger'), { webhookUrl, domains, behaviour, ...changes });
};
const check = async (step: string) => (await server.get(api(`messenger/checks/${step}`))).body;
const hook = async (event: object, key?: string, id = randomBytes(8).toString('hex'), late = 0) => {
  const account = await server.app.get(ServicesService).of(await siteEntity(), 'messenger');
  const body = JSON.stringify(event);
  const message = { id, timestamp: Math.floor(server.clock.time / 1000) - late, body };
  const headers = webhookHeaders(message, [key ?? account?.signingKey ?? '']);
  return server.send('POST', `/p/${site.key}/messenger`, body, headers);
};
const text = (id: string, words = 'Hello') => ({
  type: 'message.received',
  data: { id, from: { id: 'c9', name: 'Jory' }, text: words },
});

test('what is written by messenger is a conversation, and the answer goes back there, once', async () => {
  await writes('Is the dome open tonight?');
  const [one] = await conversations();
  expect(one).toMatchObject({
    channel: 'messenger',
    name: 'Mira',
    page: `${origin}/visit/`,
    state: 'waiting',
  });
  await answer(one.id, 'From eight on.');
  const out = server.app.get(BridgeOut);
  await Promise.all([out.look(), out.look()]);
  await out.look();
  expect((await texts()).map(({ text: said }: { text: string }) => said)).toEqual([
    'From eight on.',
    'Is the dome open tonight?',
  ]);
  await writes('Thank you!');
  expect((await read(one.id)).messages).toHaveLength(3);
});

test('a note stays at the desk', async () => {
  const [one] = await conversations();
  const before = (await texts()).length;
  await server.post(api(`conversations/${one.id}/messages`), {
    message: { id: randomBytes(16).toString('hex'), text: 'A regular' },
    note: true,
  });
  await server.app.get(BridgeOut).look();
  expect(await texts()).toHaveLength(before);
});

test('with the messenger down answers wait in their order, and the desk is told why', async () => {
  const [one] = await conversations();
  const out = server.app.get(BridgeOut);
  await behaves({ behaviour: 'down' });
  await answer(one.id, 'First');
  await answer(one.id, 'Second');
  await out.look();
  expect((await read(one.id)).undelivered).toBe('The messenger answered 503.');
  await behaves({ behaviour: 'works' });
  server.clock.pass(3_600_000);
  await out.look();
  expect((await read(one.id)).undelivered).toBeNull();
  const said = (await texts()).slice(0, 2).map(({ text: words }: { text: string }) => words);
  expect(new Set(said)).toEqual(new Set(['Second', 'First']));
});

test('what comes in while this server does not take it is sent on later', async () => {
  await behaves({ behaviour: 'wrong signature' });
  await writes('Still there?', 'c2');
  expect(await conversations()).toHaveLength(1);
  await behaves({ behaviour: 'works' });
  await sink().tellAgain();
  expect((await conversations())[0]).toMatchObject({ last: { text: 'Still there?' } });
});

test('what is unsigned, late, signed by another, or nothing known, is refused; what is replayed counts once', async () => {
  expect((await hook(text('m1'), 'whsec_' + Buffer.alloc(32).toString('base64'))).status).toBe(401);
  expect((await server.post(`/p/${site.key}/messenger`, text('m1'))).status).toBe(401);
  expect((await hook(text('m1'), undefined, 'old', 400)).status).toBe(401);
  for (const odd of [{}, { type: 'message.received' }, { type: 'message.received', data: { id: 'x' } }])
    expect((await hook(odd)).status).toBe(400);
  expect((await hook(text('m2', '   '))).status).toBe(400);
  const before = (await conversations()).length;
  for (let time = 0; time < 3; time++) expect((await hook(text('m3'), undefined, 'same')).status).toBe(204);
  const all = await conversations();
  expect(all).toHaveLength(before + 1);
  const one = all.find(({ name }: { name: string }) => name === 'Jory');
  expect((await read(one.id)).messages).toHaveLength(1);
  // Ended and replayed, it does not begin again; written anew, another begins.
  await server.send('PATCH', api(`conversations/${one.id}`), { state: 'closed' });
  await hook(text('m3'));
  expect(await conversations()).toHaveLength(before);
  await hook(text('m4'));
  expect(await conversations()).toHaveLength(before + 1);
});

test('markup and 100 000 characters are text, cut to the longest message', async () => {
  expect((await hook(text('m5', `<script>alert(1)</script>${'x'.repeat(90_000)}`))).status).toBe(413);
  await hook(text('m6', `<script>alert(1)</script>${'x'.repeat(15_000)}`));
  const one = (await conversations()).find(({ name }: { name: string }) => name === 'Jory');
  const last = (await read(one.id)).messages.at(-1).text;
  expect([last.slice(0, 8), last.length]).toEqual(['<script>', 4000]);
});

test('each step of the set-up is tested by itself, and says what is wrong', async () => {
  for (const step of bridgeSteps) expect(await check(step)).toMatchObject({ step, works: true, todo: '' });
  await behaves({ webhookUrl: '', domains: ['https://elsewhere.example'], behaviour: 'works' });
  expect(await check('webhook')).toMatchObject({ works: false, todo: expect.stringContaining('/messenger') });
  expect(await check('domains')).toMatchObject({ works: false, says: expect.stringContaining(origin) });
  expect(await check('signature')).toMatchObject({
    works: false,
    says: expect.stringContaining('did not arrive'),
  });
  const webhookUrl = `${server.config.origin}/p/${site.key}/messenger`;
  await behaves({ webhookUrl, domains: [origin], behaviour: 'wrong signature' });
  expect(await check('signature')).toMatchObject({
    works: false,
    says: expect.stringContaining('signature is wrong'),
  });
  await behaves({ behaviour: 'down' });
  expect(await check('address')).toMatchObject({ works: true });
  expect(await check('key')).toMatchObject({ works: false, says: 'The messenger answered 503.' });
  await behaves({ behaviour: 'works' });
  const account = { signingKey: 'whsec_' + Buffer.alloc(32, 1).toString('base64'), key: 'another' };
  await server.put(api('services/messenger'), { ...account, url: `http://127.0.0.1:${port}` });
  expect(await check('key')).toMatchObject({
    works: false,
    says: 'The messenger does not know the API key.',
  });
  await server.put(api('services/messenger'), { ...account, url: 'http://127.0.0.1:9' });
  expect(await check('address')).toMatchObject({
    works: false,
    says: expect.stringContaining('can’t be reached'),
  });
  await server.send('DELETE', api('services/messenger'));
  expect((await server.get(api('messenger/checks/nothing'))).status).toBe(404);
});

test('a visitor is led to the channel, from allowed pages alone', async () => {
  const from = new URLSearchParams({ widget, page: `${origin}/visit/` });
  const go = await fetch(`${server.address}/p/${site.key}/messenger/go?${from}`, { redirect: 'manual' });
  expect(go.status).toBe(303);
  const link = new URL(go.headers.get('location') ?? '');
  expect([link.pathname, link.searchParams.get('ref')]).toEqual([`/chat/${site.key}`, widget]);
  const page = await (await fetch(link)).text();
  expect(page).toContain('Your name');
  link.searchParams.set('page', 'https://elsewhere.example/');
  expect(await (await fetch(link)).text()).toContain('none of the channel’s allowed domains');
  const none = await fetch(`${server.address}/p/${site.key}/messenger/go?widget=w_none`, {
    redirect: 'manual',
  });
  expect(none.status).toBe(404);
});

test('somebody writes on the stand-in’s page and reads the answer there', async () => {
  const go = await fetch(`${server.address}/p/${site.key}/messenger/go?widget=${widget}`);
  const form = new URLSearchParams({ name: 'Kaja', text: 'May I bring a dog?' });
  const after = await fetch(go.url, { method: 'POST', body: form });
  const one = (await conversations()).find(({ name }: { name: string }) => name === 'Kaja');
  await answer(one.id, 'On a lead, yes.');
  await server.app.get(BridgeOut).look();
  const { origin: at, pathname } = new URL(after.url);
  expect(await (await fetch(`${at}${pathname}/texts`)).text()).toContain('On a lead, yes.');
});
