import { keyGroups, keysOf, onPress } from './keymap.js';

const press = (key: string, held: readonly string[] = []) => {
  let prevented = false;
  const event = {
    key,
    code: '',
    getModifierState: (modifier: string) => held.includes(modifier),
    preventDefault: () => (prevented = true),
  } as unknown as KeyboardEvent;
  const did: string[] = [];
  const bound = Object.fromEntries(
    (['undo', 'redo', 'remove', 'keys', 'previous', 'moveUp'] as const).map((name) => [
      name,
      () => did.push(name),
    ]),
  );
  const isBound = onPress(event, bound);
  expect([isBound, prevented]).toEqual([did.length > 0, did.length > 0]);
  return did;
};

test.each([
  ['z', ['Control'], ['undo']],
  ['Z', ['Control', 'Shift'], ['redo']],
  ['y', ['Control'], ['redo']],
  ['z', [], []],
  ['z', ['Control', 'Alt'], []],
  ['Backspace', [], ['remove']],
  ['?', ['Shift'], ['keys']],
  ['?', [], ['keys']],
  ['ArrowUp', [], ['previous']],
  ['ArrowUp', ['Alt'], ['moveUp']],
  ['ArrowUp', ['Shift'], []],
])('%s with %j does %j, and takes the key from the browser only then', (key, held, does) => {
  expect(press(key, held)).toEqual(does);
});

test('what a shortcut is called comes from its key', () => {
  expect(keysOf('redo')).toBe('Ctrl Shift Z');
  expect(keysOf('remove')).toBe('Del');
  expect(keysOf('keys')).toBe('?');
});

test('the list names every group once, and keys that do the same in one line', () => {
  const groups = keyGroups();
  expect(groups.map(({ title }) => title)).toEqual(['Everywhere', 'Editing', 'Outline', 'Stage']);
  const rows = groups.flatMap((one) => one.rows);
  expect(rows).toContainEqual({ keys: 'Alt ←, Alt →', does: 'Move out of or into group' });
  expect(new Set(rows.map(({ does }) => does)).size).toBe(rows.length);
  const keys = rows.flatMap((row) => row.keys.split(', '));
  expect(new Set(keys).size).toBe(keys.length);
});
