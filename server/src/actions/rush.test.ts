import { Rush } from './rush.js';

const begin = (rush: Rush, wanted: number, now: number): number => {
  let begun = 0;
  for (; begun < wanted && rush.isRoom(now); begun++) rush.begun();
  return begun;
};

const come = (rush: Rush, count: number, now: number) => {
  for (let one = 0; one < count; one++) rush.came(now);
};

test.each([
  ['nobody', 0, 5000],
  ['as many as are no rush', 199, 5000],
  ['a rush', 200, 10],
])('beside %s, of 5000 deliveries so many are begun within a second', (_, visitors, begun) => {
  const rush = new Rush();
  come(rush, visitors, 1000);
  expect(begin(rush, 5000, 1999)).toBe(begun);
});

test('a rush counts until a second after it; each second has room for a few', () => {
  const rush = new Rush();
  come(rush, 300, 1500);
  expect(begin(rush, 80, 1500)).toBe(10);
  expect(begin(rush, 80, 2000)).toBe(10);
  expect(begin(rush, 80, 2900)).toBe(0);
  expect(begin(rush, 80, 3000)).toBe(80);
});

test('a clock that is set back holds nothing up', () => {
  const rush = new Rush();
  come(rush, 300, 90_000);
  expect(begin(rush, 80, 10_000)).toBe(80);
});
