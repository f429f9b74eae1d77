import type { Automation } from '@sirene/core/chat/automation';
import { MailSink } from '../standins/mail-sink.js';
import { TestChat, texts } from '../testing/chat.js';
import { QuietChats } from './quiet-chats.js';

const port = 18_325 + (process.pid % 1000);
const smtpPort = { standinSmtpPort: port, smtpUrl: `smtp://127.0.0.1:${port}` };
const me = 'designer@sirene.example';

const rules: Automation[] = [
  { when: 'begins', do: 'say', value: 'Thank you. Somebody reads it soon.' },
  {
    when: 'writes',
    if: {
      any: [
        { type: 'said', how: 'contains', value: 'refund' },
        { type: 'tagged', tag: 'money' },
      ],
    },
    do: 'tag',
    value: 'Money back',
  },
  { when: 'writes', if: { all: [{ type: 'tagged', tag: 'money back' }] }, do: 'assign', value: me },
  {
    when: 'writes',
    if: { all: [{ type: 'tagged', tag: 'money back' }] },
    do: 'tell',
    value: 'boss@larkmoor.example',
  },
  { when: 'begins', do: 'assign', value: 'stranger@elsewhere.example' },
  { when: 'unanswered', minutes: 10, do: 'say', value: 'We have not forgotten you.' },
  { when: 'quiet', minutes: 60, if: { none: [{ type: 'tagged', tag: 'VIP' }] }, do: 'close', value: '' },
];

let bench: TestChat;
beforeAll(async () => {
  bench = await TestChat.start({ automations: rules }, smtpPort);
  expect(bench.server.app.get(MailSink).port).toBe(port);
});
afterAll(() => bench.server.stop());

const look = () => bench.server.app.get(QuietChats).look();
const pass = async (minutes: number) => {
  bench.server.clock.pass(minutes * 60_000);
  await look();
};
const myself = async () =>
  (await bench.server.get(`/api/sites/${bench.there.siteId}/members`)).body.members[0].id;
const mails = async () => (await bench.server.get('/api/post')).body;

test('a message is answered by itself, and the conversation waits as before', async () => {
  await bench.say('Good evening');
  expect(texts(await bench.follow())).toEqual(['Good evening', 'Thank you. Somebody reads it soon.']);
  const [one] = await bench.going();
  expect(one).toMatchObject({ state: 'waiting', assignee: null, tags: [], last: { text: 'Good evening' } });
});

test('what the conditions ask for is tagged, then assigned and told, in the order of the rules', async () => {
  await bench.say('I want a REFUND');
  const [one] = await bench.going();
  expect(one.tags).toEqual(['Money back']);
  expect(one.assignee).toBe(await myself());
  for (let left = 200; left > 0 && (await mails()).length === 0; left--) continue;
  expect((await mails())[0]).toMatchObject({ recipients: ['boss@larkmoor.example'] });
});

test('without an answer for so long it says something, once for each silence', async () => {
  const said = async () => texts(await bench.follow()).filter((text) => text.startsWith('We have not'));
  await pass(9);
  expect(await said()).toHaveLength(0);
  await pass(2);
  await pass(30);
  expect(await said()).toHaveLength(1);
  await bench.say('Hello?');
  await pass(11);
  expect(await said()).toHaveLength(2);
});

test('without a word after an answer it ends, but for those that are tagged otherwise', async () => {
  const [one] = await bench.going();
  await bench.answer(one.id, 'Here we are.');
  await bench.change(one.id, { tags: ['VIP'] });
  await pass(61);
  expect(await bench.going()).toHaveLength(1);
  await bench.change(one.id, { tags: [] });
  await bench.answer(one.id, 'Anything else?');
  await pass(61);
  expect(await bench.going()).toHaveLength(0);
});

test('tags are no longer than they may be', async () => {
  await bench.say('Once more');
  const [one] = await bench.going();
  expect((await bench.change(one.id, { tags: ['x'.repeat(41)] })).status).toBe(400);
  expect((await bench.change(one.id, { tags: Array(21).fill('x') })).status).toBe(400);
  expect((await bench.change(one.id, { tags: [' shop ', 'shop'] })).status).toBe(204);
  expect((await bench.going())[0].tags).toEqual(['shop']);
});

test('a conversation is handed to a group, by a rule or by hand, until one of it answers', async () => {
  const site = `/api/sites/${bench.there.siteId}`;
  const me = await myself();
  const [shop, press] = ['1', '2'].map((one) => one.repeat(32)) as [string, string];
  const set = (groups: object[]) => bench.server.put(`${site}/desk-groups`, { groups });
  expect(
    (
      await set([
        { id: shop, name: 'Shop', members: [me] },
        { id: press, name: 'Press', members: [] },
      ])
    ).body.groups,
  ).toMatchObject([{ name: 'Press' }, { name: 'Shop', members: [me] }]);
  expect((await set([{ id: shop, name: 'Shop', members: ['user_none'] }])).status).toBe(404);
  expect(
    (
      await set([
        { id: shop, name: 'A', members: [] },
        { id: press, name: 'a', members: [] },
      ])
    ).status,
  ).toBe(409);
  const [one] = await bench.going();
  await bench.change(one.id, { group: press });
  expect((await bench.going())[0]).toMatchObject({ group: press, assignee: null });
  expect((await bench.change(one.id, { group: 'group_none' })).status).toBe(404);
  await bench.answer(one.id, 'Taken');
  expect((await bench.going())[0]).toMatchObject({ group: null, assignee: me });
  await bench.change(one.id, { group: shop });
  await set([]);
  expect((await bench.going())[0]).toMatchObject({ group: null });
});
