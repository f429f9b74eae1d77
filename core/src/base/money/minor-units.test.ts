import fc from 'fast-check';
import { majorUnits, minorUnits } from './index.js';

test.each([
  [12.5, 'EUR', 1250],
  [1.005, 'EUR', 101],
  [-1.005, 'EUR', -101],
  [0, 'EUR', 0],
  [1200, 'JPY', 1200],
  [1.2345, 'BHD', 1235],
  [0.1 + 0.2, 'EUR', 30],
])('%d %s are %d of its smallest unit', (amount, currency, units) => {
  expect(minorUnits(amount, currency)).toBe(units);
});

test('there and back is the same', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -1e11, max: 1e11 }),
      fc.constantFrom('EUR', 'JPY', 'BHD'),
      (units, currency) => minorUnits(majorUnits(units, currency), currency) === units,
    ),
  );
});
