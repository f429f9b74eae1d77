import { jest } from '@jest/globals';
import type { ChatMessage } from '@sirene/core/chat';
import { converse, type Shown } from './conversation.js';
import { RefusedMessage, type ChatAnswer, type ChatLine, type ChatState, type Said } from './line.js';

/** A server that stores once, and a line to it that fails as often as it is told. */
class Desk implements ChatLine {
  stored: ChatMessage[] = [];
  conversation = 'c1';
  state: ChatState = 'waiting';
  /** What becomes of each request: it goes through, is lost on its way there, or its answer is. */
  fate: () => 'through' | 'lost' | 'unanswered' = () => 'through';
  refuses = '';
  #waiting: (() => void)[] = [];

  store(id: string, from: 'visitor' | 'desk', text: string): void {
    if (this.stored.some((one) => one.id === id)) return;
    this.stored.push({ seq: this.stored.length + 1, id, from, name: '', text, at: 0 });
    this.wake();
  }

  wake(): void {
    this.#waiting.splice(0).forEach((go) => go());
  }

  async follow(known: { after: number }, wait: boolean, signal: AbortSignal): Promise<ChatAnswer> {
    const fate = this.fate();
    if (fate === 'lost') throw new Error('cut');
    if (wait && known.after === this.stored.length)
      await new Promise<void>((go, end) => {
        this.#waiting.push(go);
        signal.addEventListener('abort', () => end(new Error('ended')));
      });
    if (fate === 'unanswered') throw new Error('cut');
    const messages = this.stored.filter(({ seq }) => seq > known.after);
    return {
      ...{ conversation: this.conversation, state: this.state, desk: 'here', rating: null },
      ...{
        typing: '',
        seen: 0,
        isHere: true,
        mark: String(this.stored.length),
        after: known.after,
        messages,
      },
    };
  }

  tell = () => Promise.resolve();
  send = () => Promise.reject(new Error('no files here'));
  end = () => undefined;

  async say({ message }: Said): Promise<void> {
    if (this.refuses) throw new RefusedMessage(this.refuses);
    const fate = this.fate();
    if (fate !== 'lost') this.store(message.id, 'visitor', message.text);
    if (fate !== 'through') throw new Error('cut');
    await Promise.resolve();
  }
}

const said = (id: string): Said => ({
  message: { id, text: `text of ${id}` },
  ...{ name: '', email: '', answers: [], page: 'http://place.example/', title: '' },
});

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const pass = (ms = 0) => jest.advanceTimersByTimeAsync(ms);

test('what is written is there at once, and stored; what is answered comes', async () => {
  const desk = new Desk();
  const shown: Shown[] = [];
  const conversation = converse(desk, (one) => shown.push(one));
  await pass();
  conversation.say(said('a'));
  expect(shown.at(-1)?.log.pending).toEqual([{ id: 'a', text: 'text of a' }]);
  await pass();
  expect(shown.at(-1)?.log).toMatchObject({ messages: [{ id: 'a', seq: 1 }], pending: [] });
  desk.store('b', 'desk', 'Good evening');
  await pass();
  expect(shown.at(-1)?.log.messages.map(({ text }) => text)).toEqual(['text of a', 'Good evening']);
  conversation.end();
});

// A thousand cuts in all.
test.each([7, 11, 13, 17, 19])(
  'in many cuts of the line nothing is lost, twice or out of order: seed %i',
  async (seed) => {
    let state = seed;
    const random = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
    for (let round = 0; round < 10; round++) {
      const desk = new Desk();
      desk.fate = () => (random() < 0.35 ? 'lost' : random() < 0.35 ? 'unanswered' : 'through');
      let last: Shown | undefined;
      const conversation = converse(desk, (one) => (last = one));
      const written: string[] = [];
      for (let at = 0; at < 20; at++) {
        const id = `${round}-${at}`;
        if (random() < 0.5) {
          written.push(id);
          conversation.say(said(id));
        } else desk.store(id, 'desk', id);
        await pass(random() < 0.5 ? 0 : 3000);
      }
      desk.fate = () => 'through';
      await pass(120_000);
      expect(last?.log.pending).toEqual([]);
      expect(last?.log.messages).toEqual(desk.stored);
      expect(desk.stored.filter(({ from }) => from === 'visitor').map(({ id }) => id)).toEqual(written);
      expect(last?.isCut).toBe(false);
      conversation.end();
    }
  },
);

test('a message that is refused says why and holds up no other; another conversation begins with an empty log', async () => {
  const desk = new Desk();
  let last: Shown | undefined;
  const conversation = converse(desk, (one) => (last = one));
  await pass();
  desk.refuses = 'text must not be empty';
  conversation.say(said('a'));
  await pass();
  expect(last).toMatchObject({ refusal: 'text must not be empty', log: { pending: [] } });
  desk.refuses = '';
  conversation.say(said('b'));
  await pass();
  expect(last).toMatchObject({ refusal: '', log: { messages: [{ id: 'b' }] } });
  Object.assign(desk, { stored: [], conversation: 'c2' });
  desk.store('c', 'desk', 'Anew');
  await pass();
  await pass(30_000);
  conversation.end();
});

test('once ended it asks nothing more', async () => {
  const desk = new Desk();
  const follow = jest.spyOn(desk, 'follow');
  const conversation = converse(desk, () => undefined);
  await pass();
  conversation.end();
  const before = follow.mock.calls.length;
  desk.wake();
  await pass(120_000);
  expect(follow.mock.calls.length).toBe(before);
});

test('forgotten, it is as if nobody had written', async () => {
  const desk = new Desk();
  desk.store('1', 'desk', 'Hello');
  const shown: Shown[] = [];
  const conversation = converse(desk, (one) => shown.push(one));
  await pass();
  expect(shown.at(-1)?.log.messages).toHaveLength(1);
  desk.stored = [];
  conversation.forget();
  await pass();
  expect(shown.at(-1)?.log.messages).toEqual([]);
  conversation.end();
});
