import { withoutCards } from './index.js';

test.each([
  ['It is 4111 1111 1111 1111, thanks', 'It is •••• 1111, thanks'],
  ['4111111111111111', '•••• 1111'],
  ['5500-0000-0000-0004 and 340000000000009', '•••• 0004 and •••• 0009'],
  // No check digit, too short, too long, or part of a longer number.
  ['My order is 4111 1111 1111 1112', 'My order is 4111 1111 1111 1112'],
  ['Call 0044 20 7946 0000', 'Call 0044 20 7946 0000'],
  ['411111111111111111111111', '411111111111111111111111'],
  ['', ''],
])('%j is kept as %j', (text, kept) => {
  expect(withoutCards(text)).toBe(kept);
});

test('a text of nothing but digits and spaces is read in a moment', () => {
  const long = '1 '.repeat(2000);
  expect(withoutCards(long)).toHaveLength(long.length);
});
