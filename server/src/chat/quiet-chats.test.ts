import { jest } from '@jest/globals';
import { Mailer } from '../mail/mailer.js';
import { TestChat } from '../testing/chat.js';
import { QuietChats } from './quiet-chats.js';

const minute = 60_000;
let bench: TestChat;
let sent: { to: string; subject: string; text: string }[];
let isDown: boolean;
beforeAll(async () => {
  bench = await TestChat.start({
    ...{
      assign: 'turn',
      mostEach: 2,
      endAfter: 2,
      remindAfter: 10,
      remind: 'ada@larkmoor.example',
      keepFor: 30,
    },
  });
  jest.spyOn(bench.server.app.get(Mailer), 'send').mockImplementation((mail) => {
    if (isDown) return Promise.reject(new Error('no mail server'));
    sent.push(mail as never);
    return Promise.resolve();
  });
});
beforeEach(() => {
  [sent, isDown] = [[], false];
});
afterAll(() => bench.server.stop());
const look = () => bench.server.app.get(QuietChats).look();
const token = (letter: string) => ({ token: letter.repeat(32) });

test('without an answer somebody is told, once for each message; where no mail goes out it is tried again', async () => {
  await bench.say('Is the dome open?', { name: 'Mira Stone' });
  bench.server.clock.pass(9 * minute);
  await look();
  expect(sent).toEqual([]);
  bench.server.clock.pass(minute);
  isDown = true;
  await look();
  isDown = false;
  for (let times = 0; times < 3; times++) await look();
  expect(sent).toMatchObject([
    { to: 'ada@larkmoor.example', subject: 'No answer for 10 minutes: Mira Stone' },
  ]);
  const [{ id }] = await bench.going();
  expect(sent[0]?.text).toContain(`Is the dome open?\n\nhttp://studio.example/desk?conversation=${id}`);
  bench.server.clock.pass(1000);
  await bench.say('Hello?');
  bench.server.clock.pass(10 * minute);
  await look();
  expect(sent).toHaveLength(2);
});

test('what was answered ends once nobody has written for as long as is set; what rests does not', async () => {
  const [{ id }] = await bench.going();
  await bench.answer(id, 'From nine.');
  bench.server.clock.pass(119 * minute);
  await look();
  expect(await bench.going()).toHaveLength(1);
  await bench.change(id, { snoozedUntil: bench.server.clock.now() + 60 * minute });
  bench.server.clock.pass(minute);
  await look();
  expect((await bench.server.get(bench.desk('?state=closed'))).body).toEqual([]);
  await bench.change(id, { snoozedUntil: null });
  await look();
  expect((await bench.server.get(bench.desk('?state=closed'))).body).toMatchObject([{ id }]);
  expect(await bench.follow()).toMatchObject({ state: 'closed' });
  expect(sent).toEqual([]);
});

test('what is over is deleted after the days that are set', async () => {
  const closed = async () => (await bench.server.get(bench.desk('?state=closed'))).body;
  const forget = () => bench.server.app.get(QuietChats).forget();
  bench.server.clock.pass(29 * 24 * 60 * minute);
  // The session of before has run out by then.
  await bench.server.signIn();
  await forget();
  expect(await closed()).toHaveLength(1);
  bench.server.clock.pass(24 * 60 * minute);
  await forget();
  expect(await closed()).toEqual([]);
});

test('who is at the desk gets what begins, as many as they may have; who is away gets none', async () => {
  const assignees = async () =>
    (await bench.going()).map(({ assignee }: { assignee: string | null }) => assignee);
  await bench.say('Anybody?', token('1'));
  expect(await assignees()).toEqual([null]);
  await bench.server.get(bench.desk('/happening'));
  for (const letter of ['2', '3', '4']) {
    bench.server.clock.pass(1000);
    await bench.say('Hello', token(letter));
  }
  const [me] = (await bench.server.get(`/api/sites/${bench.there.siteId}/members`)).body.members;
  expect(await assignees()).toEqual([null, me.id, me.id, null]);
  expect((await bench.going())[1]).toMatchObject({ state: 'waiting' });
  await bench.server.get(bench.desk('/happening?away=true'));
  const [, second] = await bench.going();
  await bench.change(second.id, { state: 'closed' });
  await bench.say('Hello', token('5'));
  expect((await assignees())[0]).toBeNull();
});
