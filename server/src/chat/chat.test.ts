import type { ChatMessage } from '@sirene/core/chat';
import { message, TestChat, texts } from '../testing/chat.js';
import { origin, type TestServer } from '../testing/server.js';

let bench: TestChat;
let server: TestServer;
let there: TestChat['there'];
beforeAll(async () => {
  bench = await TestChat.start({ files: 'any' });
  ({ server, there } = bench);
});
afterAll(() => server.stop());

const visitor = <M extends object>(more: M) => bench.visitor(more);
const chat = (path: string, body: object) => bench.chat(path, body);
const say = (text: string, more: object = {}) => bench.say(text, more);
const follow = (more: object = {}) => bench.follow(more);
const desk = (path = '') => bench.desk(path);
const going = () => bench.going();
const answer = (id: string, text: string, note = false) => bench.answer(id, text, note);

test('what a visitor writes is at the desk, what the desk answers is with the visitor, in one order and once', async () => {
  expect(await follow()).toMatchObject({ conversation: null, state: 'none', after: 0, messages: [] });
  const hello = message('Is the dome open tonight?');
  const first = visitor({ message: hello, name: 'Mira Stone', email: 'mira@stone.example' });
  // The line was cut before the acknowledgement: the page sends it again, and another tab at the same moment.
  const sent = await Promise.all([chat('messages', first), chat('messages', first), chat('messages', first)]);
  expect(sent.map(({ status, body }) => [status, body])).toEqual(Array(3).fill([202, { id: hello.id }]));
  const [one, ...others] = await going();
  expect(others).toEqual([]);
  expect(one).toMatchObject({
    ...{ state: 'waiting', name: 'Mira Stone', assignee: null, page: `${origin}/shows/` },
    ...{
      last: { text: 'Is the dome open tonight?', from: 'visitor', seq: 1 },
      widget: { name: 'Evening desk' },
    },
  });
  // Somebody the site knows from then on.
  const { body: person } = await server.get(`/api/sites/${there.siteId}/persons/${one.person}`);
  expect(person).toMatchObject({ name: 'Mira Stone', email: 'mira@stone.example' });

  expect((await answer(one.id, 'Looks rainy to me', true)).status).toBe(202);
  expect((await answer(one.id, 'From nine, if it clears.')).status).toBe(202);
  const known = await follow();
  // The note is the desk's own, and leaves a gap that tells nothing.
  expect(texts(known)).toEqual(['Is the dome open tonight?', 'From nine, if it clears.']);
  expect(known).toMatchObject({ conversation: one.id, state: 'open' });
  const { body: read } = await server.get(desk(`/${one.id}`));
  expect(texts(read)).toEqual(['Is the dome open tonight?', 'Looks rainy to me', 'From nine, if it clears.']);
  expect(read.messages.map(({ seq }: ChatMessage) => seq)).toEqual([1, 2, 3]);
  const behind = await server.get(desk(`/${one.id}?after=2`));
  expect(texts(behind.body)).toEqual(['From nine, if it clears.']);
});

test('who waits is answered once something happens, on both sides', async () => {
  const [{ id }] = await going();
  const { messages, mark } = await follow();
  const after = messages.at(-1).seq;
  const waiting = follow({ after, mark, conversation: id, wait: true });
  await answer(id, 'It has cleared.');
  expect(texts(await waiting)).toEqual(['It has cleared.']);
  const { count } = (await server.get(desk('/happening'))).body;
  const happening = server.get(desk(`/happening?since=${count}`));
  await say('Then I am coming');
  expect((await happening).body).toEqual({ count: count + 1, open: null });
  // What happened between two questions is told at once.
  expect((await server.get(desk(`/happening?since=${count}`))).body).toEqual({
    count: count + 1,
    open: null,
  });
  // That it is over is told too, without a message.
  const { messages: all, mark: known } = await follow();
  const over = follow({ after: all.at(-1).seq, mark: known, conversation: id, wait: true });
  expect((await server.send('PATCH', desk(`/${id}`), { state: 'closed' })).status).toBe(204);
  expect(await over).toMatchObject({ state: 'closed', messages: [] });
});

test('after the end the next message begins another conversation; the old one stays', async () => {
  const { conversation: before } = await follow();
  expect((await answer(before, 'One more thing')).status).toBe(409);
  await say('Me again');
  const now = await follow({ after: 4, conversation: before });
  expect(now).toMatchObject({ after: 0, state: 'waiting' });
  expect(texts(now)).toEqual(['Me again']);
  expect(now.conversation).not.toBe(before);
  expect((await server.get(desk('?state=closed'))).body).toMatchObject([{ id: before }]);
  // Two at once with one visitor would be two answers to everything.
  expect((await server.send('PATCH', desk(`/${before}`), { state: 'open' })).status).toBe(409);
});

test('a conversation is taken on by somebody of the site, handed over, and put back', async () => {
  const [{ id }] = await going();
  const { body: site } = await server.get(`/api/sites/${there.siteId}/members`);
  const [member] = site.members;
  const take = (assignee: string | null) => server.send('PATCH', desk(`/${id}`), { assignee });
  expect((await take(member.id)).status).toBe(204);
  expect((await going())[0]).toMatchObject({ state: 'open', assignee: member.id });
  expect((await take('somebody')).status).toBe(404);
  expect((await server.send('PATCH', desk(`/${id}`), {})).status).toBe(204);
  expect((await take(null)).status).toBe(204);
  expect((await going())[0]).toMatchObject({ assignee: null });
});

test('another’s token shows nothing of it; numbers of cards are not kept', async () => {
  // Where nobody asked who they are, nothing is said of it.
  expect((await say('My card is 4111 1111 1111 1111', { name: '', email: '' })).status).toBe(202);
  expect(texts(await follow()).at(-1)).toBe('My card is •••• 1111');
  expect(await follow({ token: 'b'.repeat(32) })).toMatchObject({ state: 'none', messages: [] });
  const { conversation } = await follow();
  const spied = await follow({ token: 'b'.repeat(32), conversation });
  expect(spied).toMatchObject({ conversation: null, messages: [] });
  const [elsewhere] = (await server.get('/api/sites')).body.filter(
    ({ id }: { id: string }) => id !== there.siteId,
  );
  if (elsewhere)
    expect((await server.get(`/api/sites/${elsewhere.id}/conversations/${conversation}`)).status).toBe(404);
});

test('what somebody wrote is part of all that is kept of them, and goes with them', async () => {
  await say('My second message');
  const { body: closed } = await server.get(desk('?state=closed'));
  const { person } = closed[0];
  const { body: whole } = await server.get(`/api/sites/${there.siteId}/persons/${person}`);
  expect(whole.timeline).toContainEqual(
    expect.objectContaining({ kind: 'conversation', text: 'Evening desk' }),
  );
  const { body: told } = await server.get(`/api/sites/${there.siteId}/persons/${person}/export.json`);
  expect(told.conversations[0].messages.map(({ text }: ChatMessage) => text)).toContain(
    'From nine, if it clears.',
  );
  expect((await server.send('DELETE', `/api/sites/${there.siteId}/persons/${person}`)).status).toBe(204);
  expect((await server.get(desk(`/${closed[0].id}`))).status).toBe(404);
});

test.each<[string, object, number, RegExp]>([
  ['an empty message', { message: { id: 'c'.repeat(32), text: ' \n ' } }, 400, /empty/],
  ['100 000 characters', { message: { id: 'c'.repeat(32), text: 'x'.repeat(100_000) } }, 413, /large|body/i],
  ['more than a message holds', { message: { id: 'c'.repeat(32), text: 'x'.repeat(4001) } }, 400, /text/],
  ['no id', { message: { text: 'Hello' } }, 400, /id/],
  ['a token that is none', { token: 'me' }, 400, /token/],
  ['a name that goes on', { name: 'x'.repeat(500) }, 400, /name/],
  ['an address that is none', { email: 'mira' }, 400, /email/],
  ['more than is asked', { isAdmin: true }, 400, /isAdmin/],
  ['a widget of nobody', { widget: 'w_nobody' }, 404, /widget/],
])('%s is refused', async (_, more, status, reason) => {
  const { status: given, body } = await say('Hello', more);
  expect([given, JSON.stringify(body)]).toEqual([status, expect.stringMatching(reason)]);
});

test('a page of another origin is refused, and so is a stranger at the desk', async () => {
  const body = visitor({ message: message('Hello') });
  const foreign = await server.post(`/c/${there.key}/chat/messages`, body, {
    origin: 'https://other.example',
  });
  expect(foreign.status).toBe(403);
});
