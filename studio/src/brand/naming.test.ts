import type { Brand } from '@sirene/core/style';
import { lookId } from './look-id.js';
import { tokenName } from './token-name.js';

const look = { name: 'X', role: 'button', style: {} } as const;
const taken: Brand['looks'] = { loud: look, 'loud-2': look };

test.each([
  ['Quiet', 'quiet'],
  ['Loud', 'loud-3'],
  ['  Blue & gold! ', 'blue-gold'],
  ['Été', 'e-te'],
  ['3 stars', 'stars'],
  ['星', 'look'],
  ['x'.repeat(80), 'x'.repeat(40)],
])('the look %s has the id %s', (name, id) => {
  expect(lookId(name, taken)).toBe(id);
});

test.each([
  ['Deep Sea', 'deep-sea'],
  ['  --sea--  ', 'sea'],
  ['{color.x}', 'color-x'],
  ['$value', 'value'],
  ['…', ''],
  ['a'.repeat(90), 'a'.repeat(40)],
])('the token %s may be called “%s”', (typed, name) => {
  expect(tokenName(typed)).toBe(name);
});
