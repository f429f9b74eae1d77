/** @jest-environment jsdom */
import { codesOf } from './codes.js';

const answers: [number, object][] = [];
let sent: [string, Record<string, string>][] = [];

beforeEach(() => {
  localStorage.clear();
  sent = [];
  answers.splice(0);
  Object.assign(globalThis, {
    fetch: (to: string, { body }: { body: string }) => {
      sent.push([to, JSON.parse(body) as Record<string, string>]);
      const [status, told] = answers.shift() ?? [500, {}];
      return Promise.resolve({ status, ok: status < 400, json: () => Promise.resolve(told) });
    },
  });
});

const visitor = expect.stringMatching(/^[0-9a-f]{32}$/) as unknown as string;

test('a start is signed once, kept over pages, and sent with the wish for what hangs on it', async () => {
  answers.push([201, { start: 'signed' }], [201, { code: 'A1' }], [201, { code: 'A1' }]);
  const codes = codesOf('https://s.example/c/k', 'k');
  await codes.begin('w', 'clock');
  await codesOf('https://s.example/c/k', 'k').begin('w', 'clock');
  expect(await codes.ask('w', 'code', true)).toBe('A1');
  expect(await codes.ask('w', 'code', false)).toBe('A1');
  expect(sent).toEqual([
    ['https://s.example/c/k/starts', { widget: 'w', element: 'clock' }],
    ['https://s.example/c/k/codes', { widget: 'w', element: 'code', visitor, start: 'signed' }],
    ['https://s.example/c/k/codes', { widget: 'w', element: 'code', visitor }],
  ]);
  expect(sent[1]?.[1]['visitor']).toBe(sent[2]?.[1]['visitor']);
});

test('who comes too late, or when none is left, gets none; what went wrong is no answer', async () => {
  answers.push([410, { message: 'No codes are left.' }], [429, { message: 'Too many requests.' }]);
  const codes = codesOf('https://s.example/c/k', 'k');
  expect(await codes.ask('w', 'code', false)).toBeNull();
  await expect(codes.ask('w', 'code', false)).rejects.toThrow('429');
});

test('what somebody else wrote into the storage is not used', async () => {
  localStorage.setItem('sirene:k:codes', '{"visitor":5}');
  answers.push([201, { code: 'A1' }]);
  await codesOf('https://s.example/c/k', 'k').ask('w', 'code', true);
  expect(sent[0]?.[1]).toEqual({ widget: 'w', element: 'code', visitor });
});
