import { styleProperties, valueCss, valueProblem, type StyleProperty } from '../../style/index.js';
import { readMeasure, steppedMeasure, type MeasureRule } from './index.js';

const px: MeasureRule = { min: 0, max: 400, unit: 'px', units: ['rem', 'em', '%'], keywords: ['auto'] };

describe('a number as typed', () => {
  it.each<[string, MeasureRule, number | string]>([
    ['24', px, 24],
    [' 24 px ', px, 24],
    ['12,5', px, 12.5],
    ['20rem', px, '20rem'],
    ['20 REM', px, '20rem'],
    ['50 %', px, '50%'],
    ['1.2em', px, '1.2em'],
    ['.5rem', px, '0.5rem'],
    ['16*1.5', px, 24],
    ['16×1.5', px, 24],
    ['(10+2)/3', px, 4],
    ['10px+5px', px, 15],
    ['10px + 5', px, 15],
    ['1rem*1.5', px, '1.5rem'],
    ['100%/3', px, '33.3333%'],
    ['100 - 12', px, 88],
    ['100-12', px, 88],
    ['−0', px, 0],
    ['1e2', px, 100],
    ['auto', px, 'auto'],
    ['Auto', px, 'auto'],
    ['-12', { min: -40, max: 40 }, -12],
    ['2s', { min: 0, max: 4000, unit: 'ms' }, 2000],
    ['2s + 500ms', { min: 0, max: 4000, unit: 'ms' }, 2500],
    ['1500 ms', { min: 0, max: 10, unit: 's' }, 1.5],
    ['2 min', { min: 0, max: 600, unit: 's' }, 120],
    ['2 weeks', { min: 0, max: 3650, unit: 'days' }, 14],
    ['0.5turn', { min: 0, max: 360, unit: 'deg' }, 180],
    ['90%', { min: 0, max: 100, unit: '%' }, 90],
    ['1.4', { min: 0.8, max: 3 }, 1.4],
  ])('reads %j', (typed, rule, measure) => {
    expect(readMeasure(typed, rule)).toEqual({ measure });
  });

  it.each<[string, MeasureRule, string, (number | string)?]>([
    ['401', px, 'At most 400 px', 400],
    ['-1', px, 'At least 0 px', 0],
    ['99999', px, 'At most 400 px', 400],
    ['26rem', px, 'At most 25 rem', '25rem'],
    ['150%', px, 'At most 100 %', '100%'],
    ['5s', { min: 0, max: 4000, unit: 'ms' }, 'At most 4000 ms', 4000],
    ['12vw', px, 'Use px, rem, em or %'],
    ['12px', { min: 0, max: 12 }, 'Use a number without a unit'],
    ['', px, 'Type a number (px), 2rem or auto'],
    ['red', px, 'Type a number (px), 2rem or auto'],
    ['16*', px, 'Type a number (px), 2rem or auto'],
    ['1/0', px, 'Type a number (px), 2rem or auto'],
    ['10px + 5rem', px, 'Type a number (px), 2rem or auto'],
    ['9'.repeat(400), px, 'Type a number (px), 2rem or auto'],
    ['url(x)', { unit: 'ms' }, 'Type a number (ms)'],
    ['1e999', {}, 'Type a number'],
  ])('does not take %j', (typed, rule, ...[reason, nearest]) => {
    expect(readMeasure(typed, rule)).toEqual(nearest === undefined ? { reason } : { reason, nearest });
  });

  it('moves by a step in the unit it has, within its range', () => {
    expect(steppedMeasure(12, 1, px)).toBe(13);
    expect(steppedMeasure('1.5rem', -1, px)).toBe('0.5rem');
    expect(steppedMeasure('0.5rem', -10, px)).toBe('0rem');
    expect(steppedMeasure(395, 10, px)).toBe(400);
    expect(steppedMeasure(undefined, 1, px)).toBe(1);
    expect(steppedMeasure('auto', 1, px)).toBe('auto');
    expect(steppedMeasure(0.1, 0.2, {})).toBe(0.3);
  });
});

describe('every number of a style', () => {
  const numbers = Object.values(styleProperties).filter(({ kind }) =>
    ['length', 'number', 'sides', 'size'].includes(kind),
  );
  const typed = [
    '0',
    '1',
    '7',
    '90%',
    '90 %',
    '20rem',
    '1.2em',
    '-3',
    '12vw',
    '3ch',
    '400',
    '1e9',
    '16*1.5',
    'x',
    '',
    '1/3',
  ];

  it.each(numbers.map((one): [string, StyleProperty] => [one.name, one]))(
    '%s: what a field takes is valid, and written as meant',
    (name, property) => {
      const { min, max, unit, units } = property;
      for (const text of typed) {
        const read = readMeasure(text, {
          min,
          max,
          unit: unit ?? (property.kind === 'number' ? undefined : 'px'),
          units,
        });
        const measure = 'measure' in read ? read.measure : read.nearest;
        if (measure === undefined) continue;
        expect([text, measure, valueProblem(name, measure)]).toEqual([text, measure, null]);
        if (typeof measure === 'string') expect(valueCss(property, measure)).toBe(measure);
      }
    },
  );
});
