import { e164 } from './phone.js';

test.each([
  ['+49 30 901820', undefined, '+4930901820'],
  ['+44 (0)20 7946 0018', 'DE', '+442079460018'],
  ['030 / 901 820', 'DE', '+4930901820'],
  ['020 7946 0018', 'GB', '+442079460018'],
  ['030 901820', undefined, undefined],
  ['030 901820', 'nowhere', undefined],
  ['+49 1', 'DE', null],
  ['12345', 'US', null],
  ['+999 123456', undefined, null],
])('%s of %s is %s', (text, country, expected) => expect(e164(text, country)).toBe(expected));
