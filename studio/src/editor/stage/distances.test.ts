import { distances, type Rect } from './distances.js';

const rect = (left: number, top: number, right: number, bottom: number): Rect => ({
  left,
  top,
  right,
  bottom,
});
const holder = rect(0, 0, 400, 300);
const lengths = (one: Rect, neighbours: Rect[] = []) =>
  Object.fromEntries(distances(one, holder, neighbours).map(({ side, length }) => [side, length]));

test('alone, to the edges of what holds it', () => {
  expect(lengths(rect(20, 30, 100, 60))).toEqual({ left: 20, top: 30, right: 300, bottom: 240 });
});

test('to the nearest neighbour on each side', () => {
  const neighbours = [
    rect(20, 0, 100, 10),
    rect(20, 5, 100, 22),
    rect(20, 76, 100, 90),
    rect(124, 30, 200, 60),
  ];
  expect(lengths(rect(20, 30, 100, 60), neighbours)).toEqual({ left: 20, top: 8, right: 24, bottom: 16 });
});

test('what is neither above nor beside does not count', () => {
  expect(lengths(rect(20, 30, 100, 60), [rect(200, 0, 300, 20)])).toMatchObject({ top: 30, right: 300 });
});

test('nothing is said where there is no distance', () => {
  expect(lengths(rect(0, 0, 400, 300))).toEqual({});
});

test('the line runs between the two', () => {
  const [top] = distances(rect(20, 30, 100, 60), holder, []);
  expect(top).toEqual({ side: 'top', length: 30, line: { x: 60, y: 0, width: 0, height: 30 } });
});
