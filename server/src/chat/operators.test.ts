import { demoUser } from '../accounts/accounts.service.js';
import { TestChat } from '../testing/chat.js';

const token = (letter: string) => ({ token: letter.repeat(32) });
const benches: TestChat[] = [];
const start = async (changes: Parameters<typeof TestChat.start>[0]) => {
  const bench = await TestChat.start(changes);
  benches.push(bench);
  return bench;
};
afterAll(() => Promise.all(benches.map(({ server }) => server.stop())));
/** Opens the desk as the one member who is there. */
const open = (bench: TestChat) => bench.server.get(bench.desk('/happening'));
const assignees = async (bench: TestChat) =>
  (await bench.going()).map(({ assignee }: { assignee: string | null }) => assignee !== null);

test('what is asked or where decides who gets a conversation, while they are there', async () => {
  const bench = await start({
    questions: [{ label: 'Topic', options: 'Return, Order', optional: false }],
    routes: [{ answer: 'Return', page: '', to: demoUser.email.toUpperCase() }],
  });
  const topic = (value: string) => ({ answers: [{ label: 'Topic', value }] });
  await bench.say('It is broken', { ...token('1'), ...topic('Return') });
  expect(await assignees(bench)).toEqual([false]);
  await open(bench);
  await bench.say('Where is it?', { ...token('2'), ...topic('Order') });
  bench.server.clock.pass(1000);
  await bench.say('It is broken too', { ...token('3'), ...topic('Return') });
  expect((await assignees(bench)).filter(Boolean)).toHaveLength(1);
  const mine = (await bench.going()).find(({ assignee }: { assignee: string | null }) => assignee !== null);
  expect(mine.last).toMatchObject({ text: 'It is broken too' });
});

test('a chat with operators of its own is away, and gives nothing out, while only others are there', async () => {
  const others = await start({ assign: 'turn', operators: 'bea@moor.example, cem@moor.example' });
  await open(others);
  await others.say('Anybody?');
  expect(await others.follow()).toMatchObject({ desk: 'away' });
  expect(await assignees(others)).toEqual([false]);

  const mine = await start({
    assign: 'turn',
    operators: ` ${demoUser.email.toUpperCase()} , bea@moor.example`,
  });
  await open(mine);
  await mine.say('Anybody?');
  expect(await mine.follow()).toMatchObject({ desk: 'here' });
  expect(await assignees(mine)).toEqual([true]);
});
