import { exponential, seeded, weighted } from './index.js';

const draws = (count: number, draw: () => number): number[] => Array.from({ length: count }, draw);
const mean = (numbers: readonly number[]): number =>
  numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

describe('random numbers of a seed', () => {
  it('are the same for the same seed, and others for another', () => {
    expect(draws(20, seeded(7))).toEqual(draws(20, seeded(7)));
    expect(draws(20, seeded(7))).not.toEqual(draws(20, seeded(8)));
  });

  it.each([0, 1, 42, -5, 2 ** 31, 2 ** 40])('lie from 0 up to 1 and around a half, for seed %d', (seed) => {
    const numbers = draws(5000, seeded(seed));
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...numbers)).toBeLessThan(1);
    expect(Math.abs(mean(numbers) - 0.5)).toBeLessThan(0.02);
  });

  it('are spread evenly over tenths', () => {
    const numbers = draws(20_000, seeded(3));
    const tenths = draws(10, () => 0).map(
      (_, at) => numbers.filter((one) => Math.floor(one * 10) === at).length,
    );
    for (const count of tenths) expect(Math.abs(count - 2000)).toBeLessThan(200);
  });
});

describe('an exponential distribution', () => {
  it('has the mean that is asked for, and nothing below 0', () => {
    const random = seeded(11);
    const numbers = draws(20_000, () => exponential(random, 45));
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
    expect(Math.abs(mean(numbers) - 45)).toBeLessThan(2);
  });

  it('has its median at ln 2 of the mean', () => {
    const random = seeded(12);
    const numbers = draws(20_001, () => exponential(random, 10)).sort((a, b) => a - b);
    expect(Math.abs((numbers[10_000] as number) - 10 * Math.LN2)).toBeLessThan(0.3);
  });
});

describe('a weighted choice', () => {
  it('takes each as often as its weight says', () => {
    const random = seeded(5);
    const taken = { often: 0, seldom: 0, never: 0 };
    for (let at = 0; at < 10_000; at++)
      taken[
        weighted(random, [
          ['often', 3],
          ['seldom', 1],
          ['never', 0],
        ] as const)
      ]++;
    expect(taken.never).toBe(0);
    expect(Math.abs(taken.often - 7500)).toBeLessThan(200);
  });

  it('takes the last where the weights leave nothing', () => {
    expect(
      weighted(
        () => 0.5,
        [
          ['a', 0],
          ['b', 0],
        ],
      ),
    ).toBe('b');
  });
});
