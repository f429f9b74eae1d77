import { instantOf } from './index.js';
import { timeLeft } from '../time/index.js';

const utc = (text: string) => new Date(text).getTime();

test.each([
  ['2026-12-13T21:00', 'Europe/London', '2026-12-13T21:00:00Z'],
  ['2026-07-13T21:00', 'Europe/London', '2026-07-13T20:00:00Z'],
  ['2026-12-13T21:00:30', 'Asia/Kathmandu', '2026-12-13T15:15:30Z'],
  // The clocks go forward: half past two is not there, and is taken as half past three.
  ['2026-03-29T02:30', 'Europe/Berlin', '2026-03-29T01:30:00Z'],
  // The clocks go back: half past two comes twice, and the first counts.
  ['2026-10-25T02:30', 'Europe/Berlin', '2026-10-25T00:30:00Z'],
])('%s in %s', (local, zone, instant) => {
  expect(instantOf(local, zone)).toBe(utc(instant));
});

test.each([
  ['2026-02-30T10:00', 'Europe/London'],
  ['2026-12-13T25:00', 'Europe/London'],
  ['soon', 'Europe/London'],
  ['2026-12-13T21:00', 'Moon/Tranquility'],
])('%s in %s is none', (local, zone) => {
  expect(instantOf(local, zone)).toBeNull();
});

const day = 86_400_000;

test.each([
  [2 * day + 3 * 3_600_000 + 4 * 60_000 + 5000, ['days', 'hours', 'minutes', 'seconds'], [2, 3, 4, 5]],
  [2 * day + 3 * 3_600_000, ['hours', 'minutes'], [51, 0]],
  [59_001, ['minutes'], [1]],
  [1, ['seconds'], [1]],
  [0, ['days', 'seconds'], [0, 0]],
  [-5000, ['days', 'seconds'], [0, 0]],
  [day, ['days'], [1]],
  [day + 1, ['days'], [2]],
] as const)('%d ms left in %j', (left, units, shown) => {
  expect(Object.values(timeLeft(left, units))).toEqual(shown);
});
