import { matchingCommands } from './palette.js';

const commands = [
  { name: 'Undo', group: 'Edit' },
  { name: 'Go to the widgets', group: 'Places' },
  { name: 'Sky letter', group: 'Widgets' },
  { name: 'Skip', group: 'Edit' },
  { name: 'Add price plans', group: 'Elements' },
  { name: 'Add price plan', group: 'Elements' },
];

test.each([
  ['', ['Undo', 'Go to the widgets', 'Sky letter', 'Skip', 'Add price plans', 'Add price plan']],
  ['add price plan', ['Add price plan', 'Add price plans']],
  ['sk', ['Sky letter', 'Skip']],
  ['widgets', ['Go to the widgets', 'Sky letter']],
  ['LETTER sky', ['Sky letter']],
  ['edit un', ['Undo']],
  ['nothing', []],
])('“%s”', (typed, names) => {
  expect(matchingCommands(commands, typed).map(({ name }) => name)).toEqual(names);
});
