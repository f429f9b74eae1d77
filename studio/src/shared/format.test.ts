import { ago, dateOf, dayOf, pathOf, percent } from './format.js';

const now = Date.UTC(2026, 10, 25, 12);
const [second, minute, hour, day] = [1000, 60_000, 3_600_000, 86_400_000];

test.each([
  [0, 'just now'],
  [-44 * second, 'just now'],
  [-46 * second, '1 minute ago'],
  [-44 * minute, '44 minutes ago'],
  [-46 * minute, '1 hour ago'],
  [-17 * hour, '17 hours ago'],
  [-20 * hour, 'yesterday'],
  [-6 * day, '6 days ago'],
  [2 * hour, 'in 2 hours'],
])('%d ms from now is %s', (apart, said) => {
  expect(ago(now + apart, now)).toBe(said);
});

test('what is longer ago than a week is said by its date', () => {
  expect(ago(now - 8 * day, now)).toMatch(/2026/);
  expect(ago(now - 8 * day, now)).not.toMatch(/ago/);
});

test('a share is a percentage with one decimal at most', () => {
  expect([percent(0), percent(0.3333), percent(1)].map((one) => one.replace(/\s/, ''))).toEqual([
    '0%',
    '33.3%',
    '100%',
  ]);
});

test.each([
  ['https://larkmoor.example/journal/?x=1#top', '/journal/'],
  ['https://larkmoor.example', '/'],
  ['not an address', 'not an address'],
])('the path of %s is %s', (address, path) => {
  expect(pathOf(address)).toBe(path);
});

test('a day of this year is said without the year', () => {
  const now = Date.UTC(2026, 10, 29, 12);
  expect(dayOf(Date.UTC(2026, 9, 3, 12), now)).toBe('Oct 3');
  expect(dayOf(Date.UTC(2025, 9, 3, 12), now)).toBe('Oct 3, 2025');
  expect(dateOf('2027-01-12')).toBe('Jan 12, 2027');
});
