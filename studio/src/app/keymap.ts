import { matchKeyBindingPress, parseKeybinding, type KeyBindingPress } from 'tinykeys';

interface Shortcut {
  /** Under which heading the list of keys names it, and what it says there; those that say the same stand together. */
  group: string;
  does: string;
  /** Any of these, in the notation of `tinykeys`; the first is the one that is shown. */
  press: readonly [string, ...string[]];
}

const group = <S extends Record<string, Omit<Shortcut, 'group'>>>(name: string, shortcuts: S) =>
  Object.fromEntries(Object.entries(shortcuts).map(([key, one]) => [key, { ...one, group: name }])) as {
    [K in keyof S]: Shortcut;
  };

const clip = 'Copy, cut and paste elements, also between widgets and sites';

/** Every key of the studio: those who act on one and those who show it take it from here. */
const shortcuts = {
  ...group('Everywhere', {
    find: { press: ['$mod+k'], does: 'Find a widget, a person, a submission, a place or a command' },
    // On some keyboards there is no need of Shift for it.
    keys: { press: ['Shift+?', '?'], does: 'Keyboard shortcuts' },
  }),
  ...group('Editing', {
    undo: { press: ['$mod+z'], does: 'Undo' },
    redo: { press: ['$mod+Shift+z', '$mod+y'], does: 'Redo' },
    duplicate: { press: ['$mod+d'], does: 'Duplicate selection' },
    remove: { press: ['Delete', 'Backspace'], does: 'Remove selection' },
    // The browser itself hears these three, as events of the clipboard.
    copy: { press: ['$mod+c'], does: clip },
    cut: { press: ['$mod+x'], does: clip },
    paste: { press: ['$mod+v'], does: clip },
    copyStyle: { press: ['$mod+Alt+c', '$mod+Alt+KeyC'], does: 'Copy and paste style' },
    pasteStyle: { press: ['$mod+Alt+v', '$mod+Alt+KeyV'], does: 'Copy and paste style' },
  }),
  ...group('Outline', {
    previous: { press: ['ArrowUp'], does: 'Previous or next element' },
    next: { press: ['ArrowDown'], does: 'Previous or next element' },
    alsoPrevious: { press: ['Shift+ArrowUp'], does: 'Select more' },
    alsoNext: { press: ['Shift+ArrowDown'], does: 'Select more' },
    selectAll: { press: ['$mod+a'], does: 'Select all' },
    moveUp: { press: ['Alt+ArrowUp'], does: 'Move selection' },
    moveDown: { press: ['Alt+ArrowDown'], does: 'Move selection' },
    moveOut: { press: ['Alt+ArrowLeft'], does: 'Move out of or into group' },
    moveIn: { press: ['Alt+ArrowRight'], does: 'Move out of or into group' },
    rename: { press: ['F2'], does: 'Rename' },
  }),
  ...group('Stage', {
    bold: { press: ['$mod+b'], does: 'Bold, italic, underline' },
    italic: { press: ['$mod+i'], does: 'Bold, italic, underline' },
    underline: { press: ['$mod+u'], does: 'Bold, italic, underline' },
    finishText: { press: ['Escape'], does: 'Finish editing text' },
  }),
} as const;

export type ShortcutName = keyof typeof shortcuts;

/** What is done on the stage with the pointer, which is told beside the keys. */
const gestures: readonly Row[] = [
  { keys: 'Double-click', does: 'Edit text in place' },
  { keys: 'Alt', does: 'Hold to see distances' },
  { keys: 'Ctrl click', does: 'Add to selection' },
];

const isMac = typeof navigator === 'object' && /Mac|iP(ad|hone|od)/.test(navigator.platform);

const names = new Map([
  ['$mod', isMac ? '⌘' : 'Ctrl'],
  ['Delete', 'Del'],
  ['Escape', 'Esc'],
  ['ArrowUp', '↑'],
  ['ArrowDown', '↓'],
  ['ArrowLeft', '←'],
  ['ArrowRight', '→'],
]);

const nameOf = (key: string) => names.get(key) ?? (key.length === 1 ? key.toUpperCase() : key);

/** A shortcut as buttons, menus and the list of keys write it: “Ctrl Shift Z”. */
export function keysOf(name: ShortcutName): string {
  const [press] = shortcuts[name].press;
  return press === 'Shift+?' ? '?' : press.split('+').map(nameOf).join(' ');
}

interface Row {
  keys: string;
  does: string;
}

/** What the keys do, group by group. */
export function keyGroups(): { title: string; rows: Row[] }[] {
  const groups = new Map<string, Map<string, string[]>>();
  for (const [name, { group: title, does }] of Object.entries(shortcuts)) {
    const rows = groups.get(title) ?? new Map<string, string[]>();
    groups.set(title, rows.set(does, [...(rows.get(does) ?? []), keysOf(name as ShortcutName)]));
  }
  return [...groups].map(([title, rows]) => ({
    title,
    rows: [
      ...(title === 'Stage' ? gestures : []),
      ...[...rows].map(([does, keys]) => ({ keys: keys.join(', '), does })),
    ],
  }));
}

const parsed = new Map<string, KeyBindingPress[]>(
  Object.entries(shortcuts).map(([name, { press }]) => [name, press.flatMap(parseKeybinding)]),
);

/**
 * Does what is bound to the key that was pressed, instead of what the browser would do with it; says whether anything is.
 *
 * @example onPress(event, { undo: session.undo })
 */
export function onPress(event: KeyboardEvent, bound: Partial<Record<ShortcutName, () => void>>): boolean {
  for (const [name, run] of Object.entries(bound))
    if (parsed.get(name)?.some((press) => matchKeyBindingPress(event, press))) {
      event.preventDefault();
      run();
      return true;
    }
  return false;
}

/** Whether what is pressed is meant for a field in which one types. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.matches(
    'input:not([type=range],[type=color],[type=checkbox]), textarea, select, [contenteditable=true]',
  );
