import { createWidget } from '@sirene/core/document/widget';
import { EditSession } from './edit-session.js';

let time = 0;
const start = () => new EditSession(createWidget('Start'), () => time);
const rename = (session: EditSession, name: string, key: string | null = null) =>
  session.apply({ type: 'set', path: ['name'], value: name }, key);

test('every edit can be taken back and made again', () => {
  const session = start();
  const first = session.document;
  rename(session, 'A');
  rename(session, 'B');
  session.undo();
  expect(session.document.name).toBe('A');
  session.undo();
  expect(session.document).toEqual(first);
  expect([session.canUndo, session.canRedo]).toEqual([false, true]);
  session.redo();
  session.redo();
  expect(session.document.name).toBe('B');
  session.redo();
  expect(session.document.name).toBe('B');
});

test('typing is one step; a pause or another key begins the next', () => {
  const session = start();
  for (const name of ['W', 'Wi', 'Win']) {
    time += 100;
    rename(session, name, 'name');
  }
  time += 5000;
  rename(session, 'Wint', 'name');
  rename(session, 'Winter', 'other');
  session.undo();
  expect(session.document.name).toBe('Wint');
  session.undo();
  expect(session.document.name).toBe('Win');
  session.undo();
  expect(session.document.name).toBe('Start');
  session.redo();
  expect(session.document.name).toBe('Win');
});

test('an edit after an undo begins a new future', () => {
  const session = start();
  rename(session, 'A');
  session.undo();
  rename(session, 'B');
  session.redo();
  expect(session.document.name).toBe('B');
});

test('another document in place of this one can be taken back', () => {
  const session = start();
  const other = { ...createWidget('Other'), behaviour: { ...createWidget('x').behaviour, priority: 5 } };
  session.replace(other);
  expect(session.document).toEqual(other);
  session.undo();
  expect(session.document.name).toBe('Start');
});

test('who listens hears of every change, and of none after leaving', () => {
  const session = start();
  let heard = 0;
  const leave = session.subscribe(() => heard++);
  rename(session, 'A');
  session.undo();
  leave();
  session.redo();
  expect(heard).toBe(2);
});

test('an edit that would leave what can’t be saved is not made, and says why', () => {
  const session = start();
  const before = session.document;
  expect(session.apply({ type: 'set', path: ['name'], value: '' })?.reason).toBe('is empty');
  expect([session.document, session.canUndo]).toEqual([before, false]);
  expect(session.refused?.path).toBe('name');
  rename(session, 'Sound');
  expect(session.refused).toBeNull();
});

test('edits made since the last save are made again upon another state; what does not fit there is counted', () => {
  const session = start();
  rename(session, 'Saved');
  const saved = session.document;
  session.apply({ type: 'set', path: ['elements', 'opening', 'title'], value: 'Mine' });
  rename(session, 'Later');
  const { opening, ...others } = saved.elements;
  const theirs = {
    ...saved,
    scenes: { ...saved.scenes, opening: { root: 'other' } },
    elements: { ...others, other: { ...opening } },
  } as typeof saved;
  expect(session.rebase(theirs, saved)).toBe(1);
  expect([session.document.name, session.document.scenes.opening.root]).toEqual(['Later', 'other']);
  session.undo();
  expect(session.document).toEqual(theirs);
});
