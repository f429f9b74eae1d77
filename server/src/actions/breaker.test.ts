import { waitAfter } from './backoff.js';
import { Breaker } from './breaker.js';

test('a target that fails five times in a row is let be, then tried by one, and for longer each time', () => {
  const breaker = new Breaker();
  for (let at = 0; at < 4; at++) breaker.failed('slow', 0);
  expect(breaker.room('slow', 0)).toBe(Infinity);
  breaker.failed('slow', 0);
  expect(breaker.room('slow', 14_999)).toBe(0);
  expect(breaker.room('other', 0)).toBe(Infinity);
  expect(breaker.room('slow', 15_000)).toBe(1);
  breaker.failed('slow', 15_000);
  expect(breaker.room('slow', 44_999)).toBe(0);
  expect(breaker.room('slow', 45_000)).toBe(1);
  for (let at = 0; at < 30; at++) breaker.failed('slow', 45_000);
  expect(breaker.room('slow', 104_999)).toBe(0);
  expect(breaker.room('slow', 105_000)).toBe(1);
  breaker.succeeded('slow');
  expect(breaker.room('slow', 0)).toBe(Infinity);
});

test('what failed at once is not all tried again at once', () => {
  const ids = Array.from({ length: 200 }, (_, at) => `d_${at}`);
  const waits = ids.map((id) => waitAfter(1, id) ?? NaN);
  expect(Math.min(...waits)).toBeGreaterThanOrEqual(24_000);
  expect(Math.max(...waits)).toBeLessThanOrEqual(36_000);
  expect(new Set(waits).size).toBeGreaterThan(150);
  expect(waitAfter(1, 'd_7')).toBe(waitAfter(1, 'd_7'));
  expect(waitAfter(8, 'd_7')).toBeNull();
});
