import { RecentSpam } from './recent-spam.js';

const minute = 60_000;

test('what was held back counts for ten minutes, and fades over the ten after them', () => {
  const spam = new RecentSpam();
  for (let at = 0; at < 100; at++) spam.add('site', 5 * minute);
  expect(spam.of('site', 5 * minute)).toBe(100);
  expect(spam.of('site', 9.9 * minute)).toBe(100);
  expect(spam.of('site', 10 * minute)).toBe(100);
  expect(spam.of('site', 15 * minute)).toBe(50);
  expect(spam.of('site', 19 * minute)).toBeCloseTo(10);
  expect(spam.of('site', 20 * minute)).toBe(0);
  expect(spam.of('site', 500 * minute)).toBe(0);
});

test('new spam stands beside what fades, and each site counts for itself', () => {
  const spam = new RecentSpam();
  for (let at = 0; at < 40; at++) spam.add('one', minute);
  for (let at = 0; at < 6; at++) spam.add('one', 12 * minute);
  spam.add('other', 12 * minute);
  expect(spam.of('one', 15 * minute)).toBe(26);
  expect(spam.of('other', 15 * minute)).toBe(1);
  expect(spam.of('nobody', 15 * minute)).toBe(0);
});
