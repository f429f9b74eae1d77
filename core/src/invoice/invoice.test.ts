import fc from 'fast-check';
import { invoiceTotals, numberIn, seriesProblem } from './index.js';

test.each([
  ['nothing', [], 0, 0],
  ['a line without tax', [{ quantity: 2, price: 350, rate: 0 }], 700, 0],
  ['tax is rounded once for a rate', [0, 1, 2].map(() => ({ quantity: 1, price: 33, rate: 19 })), 99, 19],
  ['halves go away from zero', [{ quantity: 0.5, price: 101, rate: 0 }], 51, 0],
  ['half of a tax too', [{ quantity: 1, price: 250, rate: 1 }], 250, 3],
  [
    'a rebate',
    [
      { quantity: 1, price: 1000, rate: 20 },
      { quantity: 1, price: -250, rate: 20 },
    ],
    750,
    150,
  ],
  [
    'several rates',
    [
      { quantity: 1, price: 1000, rate: 19 },
      { quantity: 1, price: 1000, rate: 7 },
    ],
    2000,
    260,
  ],
  ['a fraction that binary does not hold', [{ quantity: 1.005, price: 1000, rate: 0 }], 1005, 0],
] as const)('%s', (_, lines, net, tax) => {
  expect(invoiceTotals(lines)).toMatchObject({ net, tax, gross: net + tax });
});

test('whatever the lines are, the parts add up to the whole, and no rate is there twice', () => {
  const line = fc.record({
    quantity: fc.integer({ min: -1000, max: 1000 }).map((thousandths) => thousandths / 100),
    price: fc.integer({ min: -1_000_000, max: 1_000_000 }),
    rate: fc.constantFrom(0, 5.5, 7, 19, 20),
  });
  fc.assert(
    fc.property(fc.array(line, { maxLength: 40 }), (lines) => {
      const { lines: nets, taxes, net, tax, gross } = invoiceTotals(lines);
      const sum = (values: number[]) => values.reduce((total, value) => total + value, 0);
      expect(sum(nets)).toBe(net);
      expect(sum(taxes.map((one) => one.net))).toBe(net);
      expect(sum(taxes.map((one) => one.tax))).toBe(tax);
      expect(gross).toBe(net + tax);
      expect(new Set(taxes.map(({ rate }) => rate)).size).toBe(taxes.length);
      for (const value of [...nets, tax, gross]) expect(Number.isInteger(value)).toBe(true);
      for (const one of taxes)
        expect(Math.abs(one.tax - (one.net * one.rate) / 100)).toBeLessThanOrEqual(0.5);
    }),
  );
});

test.each([
  ['LO-{year}-{number:4}', 7, 'LO-2026-0007'],
  ['{number}', 12, '12'],
  ['{number:3}/{year}', 1234, '1234/2026'],
])('%s numbers %i as %s', (series, number, expected) => {
  expect(seriesProblem(series)).toBeNull();
  expect(numberIn(series, number, 2026)).toBe(expected);
});

test.each(['', 'LO', '{year}', '{number', '{number}{month}', '{number:12}', `{number}${'x'.repeat(40)}`])(
  '"%s" is no series',
  (series) => expect(seriesProblem(series)).toEqual(expect.any(String)),
);
