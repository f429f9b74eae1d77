import { jest } from '@jest/globals';
import { createWidget } from '@sirene/core/document/widget';
import type { Widget } from '../../shared/api/index.js';
import { Autosave, settledOf } from './autosave.js';
import { EditSession } from './edit-session.js';

interface Sent {
  base: number;
  document: { name: string };
}

let sent: Sent[];
let answer: (body: Sent) => { status: number; body: unknown } | 'down';

const taken = ({ base }: Sent) => ({ status: 200, body: { draftVersion: base + 1, changedSince: true } });

beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  answer = taken;
  Object.assign(globalThis, {
    fetch: (_: string, { body }: { body: string }) => {
      const parsed = JSON.parse(body) as Sent;
      sent.push(parsed);
      const result = answer(parsed);
      if (result === 'down') return Promise.reject(new Error('down'));
      const { status, body: json } = result;
      return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(json) });
    },
  });
});
afterEach(() => jest.useRealTimers());

function open() {
  const document = createWidget('Start');
  const session = new EditSession(document);
  const widget = { id: 'w', document, draftVersion: 3, changedSince: false, publishedNumber: 1 } as Widget;
  const kept: string[] = [];
  const autosave = new Autosave(session, widget, {
    keep: (base, { name }) => kept.push(`${base} ${name}`),
    forget: () => {
      kept.push('forgotten');
      return Promise.resolve();
    },
  });
  const rename = (name: string) => session.apply({ type: 'set', path: ['name'], value: name });
  return { session, autosave, rename, kept };
}

test('edits are saved together shortly after the last, from the version they started from', async () => {
  const { autosave, rename } = open();
  rename('A');
  rename('B');
  expect(autosave.state.type).toBe('saving');
  expect(autosave.changedSince).toBe(true);
  await jest.advanceTimersByTimeAsync(600);
  expect(sent.map(({ base, document }) => [base, document.name])).toEqual([[3, 'B']]);
  expect([autosave.state.type, autosave.version]).toEqual(['saved', 4]);
});

test('what is edited during a save is saved after it, from the version the save made', async () => {
  const { autosave, rename } = open();
  rename('A');
  answer = (body) => {
    if (body.document.name === 'A') rename('B');
    return taken(body);
  };
  await jest.advanceTimersByTimeAsync(3000);
  expect(sent.map(({ base, document }) => [base, document.name])).toEqual([
    [3, 'A'],
    [4, 'B'],
  ]);
  expect(autosave.state.type).toBe('saved');
});

test('without the server it says so, keeps the edit and tries again', async () => {
  const { autosave, rename } = open();
  answer = () => 'down';
  rename('A');
  await jest.advanceTimersByTimeAsync(600);
  expect(autosave.state).toEqual({
    type: 'offline',
    message: expect.stringContaining('Your work is kept here') as string,
  });
  answer = taken;
  await jest.advanceTimersByTimeAsync(4500);
  expect(autosave.state.type).toBe('saved');
  expect(sent.at(-1)?.document.name).toBe('A');
});

test('a save from elsewhere stops it, and nothing is written over', async () => {
  const { autosave, rename } = open();
  answer = () => ({ status: 409, body: { message: 'stale', saved: { version: 9, at: 77 } } });
  rename('A');
  await jest.advanceTimersByTimeAsync(600);
  expect(autosave.state).toEqual({ type: 'conflict', savedAt: 77 });
  rename('B');
  await jest.advanceTimersByTimeAsync(10_000);
  expect(sent).toHaveLength(1);
  await expect(autosave.flush()).rejects.toThrow(/saved elsewhere/);
});

test('a refused document is said to be refused, and the next edit tries again', async () => {
  const { autosave, rename } = open();
  answer = () => ({ status: 400, body: { message: 'name is empty' } });
  rename('A');
  await jest.advanceTimersByTimeAsync(600);
  expect(autosave.state).toEqual({ type: 'refused', message: 'name is empty' });
  answer = taken;
  rename('B');
  await jest.advanceTimersByTimeAsync(600);
  expect(autosave.state.type).toBe('saved');
});

test('flush saves at once, and has nothing to do when all is saved', async () => {
  const { autosave, rename } = open();
  await autosave.flush();
  expect(sent).toHaveLength(0);
  rename('A');
  await autosave.flush();
  expect(sent).toHaveLength(1);
});

test('a draft is kept before it is sent, and forgotten once it has arrived', async () => {
  const { rename, kept } = open();
  rename('A');
  await jest.advanceTimersByTimeAsync(600);
  expect(kept).toEqual(['3 A', 'forgotten']);
  answer = () => 'down';
  rename('B');
  await jest.advanceTimersByTimeAsync(600);
  expect(kept).toEqual(['3 A', 'forgotten', '4 B']);
});

test('after a save from elsewhere nothing is sent or kept, not even on leaving, until the person has decided', async () => {
  const { autosave, session, rename, kept } = open();
  answer = () => ({ status: 409, body: { message: 'stale', saved: { version: 9, at: 77 } } });
  rename('A');
  await jest.advanceTimersByTimeAsync(600);
  kept.length = 0;
  autosave.leave();
  await settledOf('w');
  expect([sent.length, kept]).toEqual([1, []]);
  answer = taken;
  const theirs = { ...createWidget('Theirs'), css: '.box{color:red}' };
  expect(session.rebase(theirs, autosave.savedDocument)).toBe(0);
  autosave.goOnFrom({ id: 'w', document: theirs, draftVersion: 9 } as Widget);
  await jest.advanceTimersByTimeAsync(600);
  expect(sent.at(-1)).toMatchObject({ base: 9, document: { name: 'A', css: '.box{color:red}' } });
  expect(autosave.state.type).toBe('saved');
});
