import { FrameLimit } from './frame-limit.js';

test('a few at once are read at once, then twenty a second', () => {
  const limit = new FrameLimit(0);
  const waits = Array.from({ length: 100 }, () => limit.take(0));
  expect(waits.slice(0, 60)).toEqual(Array(60).fill(0));
  expect(waits.slice(60, 63)).toEqual([50, 100, 150]);
  expect(waits.at(-1)).toBe(2000);
});

test('who keeps to it never waits; what is saved up is not more than a burst', () => {
  const limit = new FrameLimit(0);
  for (let at = 0; at < 1000; at++) expect(limit.take(at * 50)).toBe(0);
  const later = 10_000_000;
  const waits = Array.from({ length: 61 }, () => limit.take(later));
  expect([waits[59], waits[60]]).toEqual([0, 50]);
});
