import { SignJWT } from 'jose';
import { origin, submissionId, TestServer } from '../testing/server.js';

let server: TestServer;
let site: { id: string; key: string };
let secret: string;
const tokens = new Map<string, string>();

const sign = (id: string, name: string, email = '') =>
  new SignJWT({ sub: id, aud: site.key, exp: Math.floor(server.clock.now() / 1000) + 3600, name, email })
    .setProtectedHeader({ alg: 'HS256' })
    .sign(new TextEncoder().encode(secret));

beforeAll(async () => {
  server = await TestServer.start();
  await server.signIn();
  site = (await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] })).body;
  secret = (await server.put(api('identity-key'), { algorithm: 'HS256' })).body.secret;
  for (const [id, name] of [
    ['ada', 'Ada Fenwick'],
    ['bram', 'Bram Holt'],
    ['cleo', 'Cleo 100%'],
  ] as const)
    tokens.set(id, await sign(id, name));
});
afterAll(() => server.stop());

const api = (path: string) => `/api/sites/${site.id}/${path}`;
const ask = (who: string, path: string, more: object = {}) =>
  server.post(`/c/${site.key}/members/${path}`, { identity: tokens.get(who) ?? who, ...more }, { origin });
const follow = async (who: string, more: object = {}) =>
  (await ask(who, 'follow', { after: 0, wait: false, ...more })).body;
const say = (who: string, to: string, text: string, id = submissionId()) =>
  ask(who, 'messages', { to, message: { id, text } });
const reports = async () => (await server.get(api('member-chat/reports'))).body.reports;
const moderate = (report: string, what: string, seq = 0) =>
  server.post(api('member-chat/reports'), { report, what, seq });

test('it is off until the owner of the site lets members write', async () => {
  const refused = await ask('ada', 'follow', { after: 0, wait: false });
  expect([refused.status, refused.body.message]).toEqual([
    403,
    'Members of this site do not write to each other.',
  ]);
  expect((await server.put(api('member-chat'), { isOn: true })).body).toEqual({ isOn: true, members: 0 });
  expect(await follow('ada')).toMatchObject({ me: { id: 'ada', name: 'Ada Fenwick' }, threads: [] });
});

test('one finds another, writes, and is answered; each sees how much is new', async () => {
  await follow('bram');
  await follow('cleo');
  expect((await ask('ada', 'find', { words: 'HOLT' })).body.members).toEqual([
    { id: 'bram', name: 'Bram Holt' },
  ]);
  expect((await ask('ada', 'find', { words: '100%' })).body.members).toEqual([
    { id: 'cleo', name: 'Cleo 100%' },
  ]);
  expect((await ask('ada', 'find', { words: '%' })).body.members).toHaveLength(1);
  const id = submissionId();
  for (let time = 0; time < 2; time++)
    expect((await say('ada', 'bram', 'Lamp 4000 0000 0000 0002?', id)).status).toBe(202);
  const [thread] = (await follow('bram')).threads;
  expect(thread).toMatchObject({ other: { id: 'ada' }, unread: 1, last: { isMine: false } });
  expect(thread.last.text).not.toContain('4000');
  const open = await follow('bram', { other: 'ada', seen: 1 });
  expect([open.messages.length, open.threads[0].unread]).toEqual([1, 0]);
  await say('bram', 'ada', 'Bring the red one');
  expect((await follow('ada', { other: 'bram', after: 1 })).messages).toMatchObject([
    { seq: 2, text: 'Bring the red one', isMine: false },
  ]);
});

test('who waits is told as soon as something is written', async () => {
  const { mark } = await follow('ada', { other: 'bram', after: 2 });
  const waiting = ask('ada', 'follow', { other: 'bram', after: 2, wait: true, mark });
  await say('bram', 'ada', 'Are you there?');
  expect((await waiting).body.messages).toMatchObject([{ seq: 3, text: 'Are you there?' }]);
});

test('neither of two writes to the other once one has blocked', async () => {
  await ask('ada', 'block', { other: 'bram', isBlocked: true });
  for (const [from, to] of [
    ['ada', 'bram'],
    ['bram', 'ada'],
  ] as const)
    expect((await say(from, to, 'Hello?')).status).toBe(403);
  expect((await ask('bram', 'find', { words: 'Ada' })).body.members).toEqual([]);
  expect((await follow('ada')).threads[0].isBlocked).toBe(true);
  expect((await follow('bram')).threads[0].isBlocked).toBe(false);
  await ask('ada', 'block', { other: 'bram', isBlocked: false });
  expect((await say('bram', 'ada', 'Thank you')).status).toBe(202);
});

test('the desk reads what was reported, and nothing else; it removes, bars and settles', async () => {
  await say('cleo', 'ada', 'Something private');
  expect(await reports()).toEqual([]);
  await say('bram', 'ada', '<b>Rude words</b>');
  expect((await ask('ada', 'report', { other: 'bram', reason: 'This is rude' })).status).toBe(204);
  const [report] = await reports();
  expect(report).toMatchObject({ reason: 'This is rude', by: { id: 'ada' }, about: { id: 'bram' } });
  expect(JSON.stringify(report)).not.toContain('private');
  const { seq } = report.messages.at(-1);
  expect((await moderate(report.id, 'remove', 999)).status).toBe(404);
  await moderate(report.id, 'remove', seq);
  expect((await follow('ada', { other: 'bram', after: seq - 1 })).messages).toMatchObject([
    { isRemoved: true, text: '' },
  ]);
  expect(await follow('ada', { other: 'bram', after: seq })).toMatchObject({
    messages: [],
    removed: [expect.any(String)],
  });
  await moderate(report.id, 'bar');
  expect((await say('bram', 'cleo', 'Hello')).body.message).toMatch(/can’t write here any more/);
  expect((await ask('cleo', 'find', { words: 'Bram' })).body.members).toEqual([]);
  await moderate(report.id, 'admit');
  expect((await say('bram', 'cleo', 'Hello')).status).toBe(202);
  await moderate(report.id, 'settle');
  expect((await reports())[0]).toMatchObject({ isSettled: true, about: { isBarred: false } });
  expect((await moderate('report_none', 'settle')).status).toBe(404);
});

test('nobody passes for another, writes to themselves, to who is not there, or from elsewhere', async () => {
  const forged = await ask('x'.repeat(40), 'follow', { after: 0, wait: false });
  expect(forged.status).toBe(401);
  expect((await say('ada', 'ada', 'Hello')).status).toBe(404);
  expect((await say('ada', 'dario', 'Hello')).status).toBe(404);
  expect((await say('ada', 'bram', '   ')).status).toBe(400);
  expect((await say('ada', 'bram', 'x'.repeat(4001))).status).toBe(400);
  expect((await ask('cleo', 'report', { other: 'dario', reason: 'x' })).status).toBe(404);
  const elsewhere = await server.post(
    `/c/${site.key}/members/follow`,
    { identity: tokens.get('ada'), after: 0, wait: false },
    { origin: 'https://elsewhere.example' },
  );
  expect(elsewhere.status).toBe(403);
});

test('of many reports of one day there is an end', async () => {
  for (let count = 0; count < 19; count++) await ask('ada', 'report', { other: 'bram', reason: 'Again' });
  expect((await ask('ada', 'report', { other: 'bram', reason: 'Again' })).status).toBe(403);
});

test('a person takes along what they wrote to other members: exported with them, and erased', async () => {
  tokens.set('dora', await sign('dora', 'Dora Birk', 'dora@birk.example'));
  await follow('dora');
  await say('dora', 'cleo', 'See you at the dome');
  await say('cleo', 'dora', 'At eight');
  const { persons } = (await server.get(api('persons?words=dora'))).body;
  const person = api(`persons/${persons[0].id}`);
  const { memberMessages } = (await server.get(`${person}/export.json`)).body;
  expect(memberMessages).toMatchObject([{ text: 'See you at the dome', to: 'Cleo 100%' }]);
  expect((await server.send('DELETE', person)).status).toBe(204);
  expect(
    (await follow('cleo')).threads.map(({ other }: { other: { id: string } }) => other.id),
  ).not.toContain('dora');
});
