import { matchingCommands } from './palette.js';

const commands = [
  { name: 'Undo', group: 'Edit' },
  { name: 'Go to the widgets', group: 'Places' },
  { name: 'Sky letter', group: 'Widgets' },
  { name: 'Skip', group: 'Edit' },
];

test.each([
  ['', ['Undo', 'Go to the widgets', 'Sky letter', 'Skip']],
  ['sk', ['Sky letter', 'Skip']],
  ['widgets', ['Go to the widgets', 'Sky letter']],
  ['LETTER sky', ['Sky letter']],
  ['edit un', ['Undo']],
  ['nothing', []],
])('“%s”', (typed, names) => {
  expect(matchingCommands(commands, typed).map(({ name }) => name)).toEqual(names);
});
