import { jest } from '@jest/globals';
import { characters, type Character } from './characters.js';
import { lineOf } from './line.js';

const message = (seq: number, from: string, text: string) => ({ seq, from, text });
const log = [
  message(1, 'visitor', 'Is it open?'),
  message(2, 'desk', 'From nine.'),
  message(3, 'visitor', 'And later?'),
  message(4, 'desk', 'Until one.'),
];

/** A server with so many messages at each question; it tells all of them to who does not say which conversation they know. */
function serve(...told: number[]) {
  return jest.spyOn(globalThis, 'fetch').mockImplementation((_, { body } = {}) => {
    const { after, conversation } = JSON.parse(String(body)) as { after: number; conversation?: string };
    const from = conversation === 'c1' ? after : 0;
    const messages = log.slice(0, told.shift() ?? log.length).filter(({ seq }) => seq > from);
    return Promise.resolve(
      new Response(JSON.stringify({ conversation: 'c1', state: 'open', mark: 'm', messages })),
    );
  });
}
afterEach(() => void jest.restoreAllMocks());

const place = { studio: 'http://studio.example', site: 'http://moor.example', key: 'moor' };
const side = () => lineOf(place, 'w1', characters[0] as Character);

test('an answer counts once: asked again, the line waits for the next', async () => {
  const line = side();
  serve(1, 2, 3, 3, 4);
  expect(await line.answer(5000)).toBe('From nine.');
  expect(await line.answer(5000)).toBe('Until one.');
});

test('nobody is waited for longer than the patience lasts, nor once the desk has ended it', async () => {
  jest
    .spyOn(globalThis, 'fetch')
    .mockImplementation(() =>
      Promise.resolve(
        new Response(JSON.stringify({ conversation: 'c1', state: 'closed', mark: 'm', messages: [] })),
      ),
    );
  expect(await side().answer(60_000)).toBeNull();
  jest.restoreAllMocks();
  jest
    .spyOn(globalThis, 'fetch')
    .mockImplementation(
      (_, { signal } = {}) =>
        new Promise((_done, fail) => signal?.addEventListener('abort', () => fail(new Error('gone')))),
    );
  expect(await side().answer(20)).toBeNull();
});
