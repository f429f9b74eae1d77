import { hangAt, type Rect } from './anchor.js';

const page = { width: 1000, height: 800 };
const box = { width: 300, height: 200 };
const link: Rect = { left: 700, top: 20, width: 100, height: 40 };
const at = (
  change: Partial<Parameters<typeof hangAt>[0]>,
  to: Partial<Rect> = {},
  size: Partial<typeof box> = {},
) => hangAt({ at: 'below', align: 'end', gap: 8, ...change }, { ...link, ...to }, { ...box, ...size }, page);

test.each([
  [{}, { left: 500, top: 68 }],
  [{ align: 'start' }, { left: 692, top: 68 }],
  [{ align: 'centre' }, { left: 600, top: 68 }],
  [
    { at: 'before', align: 'start' },
    { left: 392, top: 20 },
  ],
] as const)('%j', (change, place) => {
  expect(at(change)).toEqual(place);
});

test('turns over where there is no room, and more on the other side', () => {
  expect(at({}, { top: 700 }).top).toBe(492);
  expect(at({ at: 'above' }, { top: 20 }).top).toBe(68);
  expect(at({ at: 'after' }, { left: 850, top: 300 }).left).toBe(542);
  expect(at({ at: 'before' }, { left: 20, top: 300 }).left).toBe(128);
});

test('stays where it is asked to be while it fits there', () => {
  expect(at({ at: 'above' }, { top: 400 }).top).toBe(192);
});

test('never leaves the window', () => {
  expect(at({ align: 'start' }, { left: 990 }).left).toBe(692);
  expect(at({ align: 'end' }, { left: -90 }).left).toBe(8);
  // What it hangs on has been scrolled away, above or below.
  expect(at({}, { top: -500 }).top).toBe(8);
  expect(at({}, { top: 2000 }).top).toBe(592);
});

test('what is too large begins at the rim', () => {
  expect(at({}, {}, { width: 1200, height: 900 })).toEqual({ left: 8, top: 8 });
});
