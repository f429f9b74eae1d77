import { jest } from '@jest/globals';
import { LineSocket, Refused } from './socket.js';

/** A socket that tests hold the other end of. */
class FakeSocket {
  static all: FakeSocket[] = [];
  onopen?: () => void;
  onmessage?: (event: { data: string }) => void;
  onclose?: (event: { code: number }) => void;
  sent: { ask: number; to: string; with: unknown }[] = [];
  constructor(readonly address: string) {
    FakeSocket.all.push(this);
  }
  send(text: string): void {
    this.sent.push(JSON.parse(text));
  }
  close(code = 1006): void {
    this.onclose?.({ code });
  }
  answer(frame: object): void {
    this.onmessage?.({ data: JSON.stringify(frame) });
  }
}
const own = globalThis.WebSocket;
beforeEach(() => {
  jest.useFakeTimers();
  FakeSocket.all = [];
  Object.assign(globalThis, { WebSocket: FakeSocket });
});
afterEach(() => {
  jest.useRealTimers();
  Object.assign(globalThis, { WebSocket: own });
});
const settle = () => jest.advanceTimersByTimeAsync(0);
const socket = () => FakeSocket.all.at(-1) as FakeSocket;

async function open(): Promise<LineSocket> {
  const line = new LineSocket('https://s.example/chat/visitor?site=k');
  const first = line.ask('hello', {});
  socket().onopen?.();
  await settle();
  socket().answer({ ask: 1, ok: 'there' });
  expect(await first).toBe('there');
  return line;
}

test('one socket is opened with the first question, and each answer finds its own', async () => {
  const line = await open();
  expect(socket().address).toBe('wss://s.example/chat/visitor?site=k');
  const [a, b] = [line.ask('one', { x: 1 }), line.ask('two', {})];
  await settle();
  expect(socket().sent.slice(1)).toEqual([
    { ask: 2, to: 'one', with: { x: 1 } },
    { ask: 3, to: 'two', with: {} },
  ]);
  socket().answer({ ask: 3, ok: 'b' });
  socket().answer({ ask: 2, ok: 'a' });
  expect([await a, await b]).toEqual(['a', 'b']);
  expect(FakeSocket.all).toHaveLength(1);
});

test('what is refused is rejected with its status and words', async () => {
  const line = await open();
  const asked = line.ask('messages', {});
  await settle();
  socket().answer({ ask: 2, refused: { status: 400, message: 'message.text must not be empty' } });
  await expect(asked).rejects.toEqual(new Refused(400, 'message.text must not be empty'));
});

test('a cut fails all that is asked; the next question opens it anew', async () => {
  const line = await open();
  const asked = [line.ask('one', {}), line.ask('two', {})].map((one) => one.catch(({ message }) => message));
  await settle();
  socket().close();
  expect(await Promise.all(asked)).toEqual(['The line is down', 'The line is down']);
  expect(line.isBlocked).toBe(false);
  const next = line.ask('three', {});
  expect(FakeSocket.all).toHaveLength(2);
  socket().onopen?.();
  await settle();
  socket().answer({ ask: socket().sent[0]?.ask, ok: 1 });
  expect(await next).toBe(1);
});

test.each([
  ['refused', () => socket().close()],
  ['never answered', () => jest.advanceTimersByTime(5000)],
])('one that is %s before it was ever open is blocked', async (_, happens) => {
  const line = new LineSocket('http://s.example/chat/visitor');
  const asked = line.ask('one', {}).catch(({ message }) => message);
  happens();
  expect(await asked).toBe('The line is down');
  expect(line.isBlocked).toBe(true);
});

test('where the server has no room for another socket, none is tried again', async () => {
  const line = await open();
  const asked = line.ask('follow', {});
  await settle();
  socket().close(1013);
  await expect(asked).rejects.toThrow('The line is down');
  expect(line.isBlocked).toBe(true);
});

test('one that the page’s policy forbids is blocked', async () => {
  Object.assign(globalThis, {
    WebSocket: class {
      constructor() {
        throw new DOMException('forbidden', 'SecurityError');
      }
    },
  });
  const line = new LineSocket('http://s.example/chat/visitor');
  expect(await line.ask('one', {}).catch(({ message }) => message)).toBe('forbidden');
  expect(line.isBlocked).toBe(true);
});

test('a question that is ended is rejected, and a late answer is dropped', async () => {
  const line = await open();
  const ending = new AbortController();
  const asked = line.ask('follow', {}, ending.signal).catch(({ message }) => message);
  await settle();
  ending.abort();
  expect(await asked).toBe('ended');
  socket().answer({ ask: 2, ok: 'late' });
  const already = line.ask('follow', {}, ending.signal).catch(({ message }) => message);
  expect(await already).toBe('ended');
});

test('a line on which nothing is answered any more is taken for down', async () => {
  const line = await open();
  const asked = line.ask('follow', {}).catch(({ message }) => message);
  await jest.advanceTimersByTimeAsync(45_000);
  expect(await asked).toBe('The line is down');
});
