import { scaleForWidget } from './zoom.ts';

const room = { width: 800, height: 600 };

test.each([
  ['a wide box is bounded by the width', { width: 1344, height: 100 }, 0.5],
  ['a tall box is bounded by the height', { width: 100, height: 1008 }, 0.5],
  ['a small box is not blown up without end', { width: 20, height: 20 }, 2],
  ['a huge one stays visible', { width: 9000, height: 9000 }, 0.2],
])('%s', (_, widget, scale) => {
  expect(scaleForWidget(room, widget)).toBeCloseTo(scale);
});
