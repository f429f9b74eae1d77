import { createWidget } from '@sirene/core/document/widget';
import { EditSession } from './edit-session.js';
import { SettledDocument } from './settled-document.js';

function start() {
  const session = new EditSession(createWidget('Start'), () => 0);
  const painted: (() => void)[] = [];
  const settled = new SettledDocument(session, (call) => painted.push(call));
  let heard = 0;
  settled.subscribe(() => heard++);
  const rename = (name: string, key: string | null) =>
    session.apply({ type: 'set', path: ['name'], value: name }, key);
  return { session, settled, painted, rename, heard: () => heard };
}

test('while somebody types it follows after the next paint, once for many keys', () => {
  const { settled, painted, rename, heard } = start();
  rename('W', 'name');
  rename('Wi', 'name');
  expect([settled.document.name, heard(), painted.length]).toEqual(['Start', 0, 1]);
  painted.forEach((call) => call());
  expect([settled.document.name, heard()]).toEqual(['Wi', 1]);
});

test('every other edit, and undo, it follows at once', () => {
  const { session, settled, painted, rename, heard } = start();
  rename('Moved', null);
  expect([settled.document.name, heard()]).toEqual(['Moved', 1]);
  session.undo();
  expect([settled.document.name, heard(), painted.length]).toEqual(['Start', 2, 0]);
});

test('a paint that comes after it has caught up changes nothing', () => {
  const { settled, painted, rename, heard } = start();
  rename('W', 'name');
  rename('Moved', null);
  painted.forEach((call) => call());
  expect([settled.document.name, heard()]).toEqual(['Moved', 1]);
});
