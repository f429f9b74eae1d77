/** What the keys do, as the list behind “?” tells it. */
export const keyGroups: readonly { title: string; keys: readonly [keys: string, does: string][] }[] = [
  {
    title: 'Everywhere',
    keys: [
      ['Ctrl K', 'Find a widget, a person, a place or a command'],
      ['?', 'Keyboard shortcuts'],
    ],
  },
  {
    title: 'Editing',
    keys: [
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['Ctrl D', 'Duplicate selection'],
      ['Del', 'Remove selection'],
      ['Ctrl C, Ctrl X, Ctrl V', 'Copy, cut and paste elements, also between widgets and sites'],
      ['Ctrl Alt C, Ctrl Alt V', 'Copy and paste style'],
    ],
  },
  {
    title: 'Outline',
    keys: [
      ['↑ ↓', 'Previous or next element'],
      ['Shift ↑ ↓', 'Select more'],
      ['Ctrl A', 'Select all'],
      ['Alt ↑ ↓', 'Move selection'],
      ['Alt ← →', 'Move out of or into group'],
      ['F2', 'Rename'],
    ],
  },
  {
    title: 'Stage',
    keys: [
      ['Double-click', 'Edit text in place'],
      ['Ctrl B, Ctrl I, Ctrl U', 'Bold, italic, underline'],
      ['Esc', 'Finish editing text'],
      ['Alt', 'Hold to see distances'],
      ['Ctrl click', 'Add to selection'],
    ],
  },
];
