/** What the keys do, as the list behind “?” tells it. */
export const keyGroups: readonly { title: string; keys: readonly [keys: string, does: string][] }[] = [
  {
    title: 'Everywhere',
    keys: [
      ['Ctrl K', 'Find a widget, a person, a place or a command'],
      ['?', 'This list'],
    ],
  },
  {
    title: 'Editing',
    keys: [
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['Ctrl D', 'Duplicate what is selected'],
      ['Del', 'Remove what is selected'],
      ['Ctrl C, Ctrl X, Ctrl V', 'Copy, cut and paste elements, also to another widget or site'],
      ['Ctrl Alt C, Ctrl Alt V', 'Copy and paste the style alone'],
    ],
  },
  {
    title: 'Outline',
    keys: [
      ['↑ ↓', 'Walk'],
      ['Shift ↑ ↓', 'Select more'],
      ['Ctrl A', 'Select all'],
      ['Alt ↑ ↓', 'Move what is selected'],
      ['Alt ← →', 'Move it out of, or into, what holds it'],
      ['F2', 'Rename'],
    ],
  },
  {
    title: 'Stage',
    keys: [
      ['Double-click', 'Edit a text where it stands'],
      ['Ctrl B, Ctrl I, Ctrl U', 'Bold, italic, underline'],
      ['Esc', 'End the editing of a text'],
      ['Alt', 'Hold it to see distances'],
      ['Ctrl click', 'Select one more'],
    ],
  },
];
