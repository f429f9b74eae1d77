import { jest } from '@jest/globals';
import { followMembers, type ShownMembers } from './follow-members.ts';
import { RefusedMember, type AskedOfMembers, type MemberLine, type MembersAnswer } from './member-line.ts';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const pass = (ms = 0) => jest.advanceTimersByTimeAsync(ms);

const message = (seq: number) => ({
  ...{ seq, id: `m${seq}`, text: `text ${seq}`, isMine: false, isRemoved: false },
});
const answer = (more: Partial<MembersAnswer> = {}): MembersAnswer => ({
  ...{ me: { id: 'ada', name: 'Ada' }, threads: [], after: 0, messages: [], removed: [], mark: '1' },
  ...more,
});

/** A server whose answers are given by hand. */
function server() {
  const asked: AskedOfMembers[] = [];
  const given: { done(told: MembersAnswer): void; failed(error: Error): void }[] = [];
  const line = {
    follow: (question: AskedOfMembers, signal: AbortSignal) => {
      asked.push(question);
      return new Promise<MembersAnswer>((done, failed) => {
        given.push({ done, failed });
        signal.addEventListener('abort', () => failed(new Error('aborted')));
      });
    },
  } as MemberLine;
  const shown: ShownMembers[] = [];
  const followed = followMembers(
    line,
    (one) => shown.push(one),
    () => true,
  );
  const tell = async (told: MembersAnswer) => {
    given.at(-1)?.done(told);
    await pass();
  };
  return { asked, given, shown, followed, tell };
}

test('what is told is shown once, and what was looked at is said with the next question', async () => {
  const { asked, shown, followed, tell } = server();
  followed.open('bram');
  await pass();
  await tell(answer({ messages: [message(1)] }));
  expect(asked.at(-1)).toMatchObject({ other: 'bram', after: 1, seen: 1, wait: false });
  await tell(answer({ messages: [message(1), message(2)], mark: '2' }));
  expect(shown.at(-1)?.messages.map(({ seq }) => seq)).toEqual([1, 2]);
  await tell(answer({ mark: '3' }));
  expect(asked.at(-1)).toMatchObject({ after: 2, wait: true, mark: '3' });
  followed.end();
});

test('what the desk removes is taken away where it stands', async () => {
  const { shown, followed, tell } = server();
  followed.open('bram');
  await pass();
  await tell(answer({ messages: [message(1), message(2)] }));
  await tell(answer({ removed: ['m1'], mark: '2' }));
  expect(shown.at(-1)?.messages).toMatchObject([
    { id: 'm1', text: '', isRemoved: true },
    { id: 'm2', text: 'text 2', isRemoved: false },
  ]);
  followed.end();
});

test('an answer about a thread that is left by then is not shown in the one that is open', async () => {
  const { given, shown, followed } = server();
  followed.open('bram');
  await pass();
  const late = given.at(-1);
  followed.open('cleo');
  late?.done(answer({ messages: [message(1)] }));
  await pass();
  expect(shown.at(-1)).toMatchObject({ open: 'cleo', messages: [] });
  followed.end();
});

test('a line that is cut is tried again, later each time; a refusal is said in the server’s words', async () => {
  const { asked, given, shown, followed, tell } = server();
  given.at(-1)?.failed(new Error('cut'));
  await pass();
  expect(shown.at(-1)?.isCut).toBe(true);
  await pass(999);
  expect(asked).toHaveLength(1);
  await pass(1);
  expect(asked).toHaveLength(2);
  given.at(-1)?.failed(new RefusedMember('You can’t write here any more.'));
  await pass(2000);
  expect(shown.at(-1)?.refusal).toBe('You can’t write here any more.');
  await tell(answer());
  expect(shown.at(-1)).toMatchObject({ isCut: false, refusal: '' });
  followed.end();
});
