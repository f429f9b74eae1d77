import fc from 'fast-check';
import { calculated, parseFormula, runProgram, type FormulaFields } from './index.js';

const fields: FormulaFields = {
  children: 'number',
  adults: 'number',
  'per-head': 'number',
  plan: 'option',
  name: 'text',
  extras: 'list',
  seat: { gives: 'option', values: { Front: 9, Back: 4.5 } },
  snacks: { gives: 'list', values: { Tea: 2, Soup: 5, 'Half-price voucher': -1.5 } },
};

const valueOf = (formula: string, answers: Record<string, string | number | string[]> = {}) => {
  const read = parseFormula(formula, fields);
  return read.ok ? runProgram(read.program, answers) : read.reason;
};

test.each<[string, Record<string, string | number | string[]>, number]>([
  ['1 + 2 * 3', {}, 7],
  ['(1 + 2) * 3', {}, 9],
  ['10 - 4 - 3', {}, 3],
  ['12 ÷ 4 ÷ 3', {}, 1],
  ['2 × -3', {}, -6],
  ['children × 4.5', { children: 12 }, 54],
  ['children − adults', { children: 12, adults: 2 }, 10],
  ['per-head * children', { 'per-head': 3, children: 5 }, 15],
  ['children * 4', {}, 0],
  ['if(children > 40, 3.5, 4) × children', { children: 41 }, 143.5],
  ['if(children > 40, 3.5, 4) × children', { children: 40 }, 160],
  ['if(plan = "Gold", 10, 20)', { plan: 'gold' }, 10],
  ['if(plan ≠ "Gold", 10, 20)', { plan: 'Silver' }, 10],
  ['if(extras = "Tour", 5, 0)', { extras: ['Lamp', 'Tour'] }, 5],
  ['if(children >= 10 and not adults < 2, 1, 0)', { children: 10, adults: 2 }, 1],
  ['if(children < 10 or adults < 2, 1, 0)', { children: 10, adults: 1 }, 1],
  ['count(extras) * 3', { extras: ['Lamp', 'Tour'] }, 6],
  ['count(extras)', { extras: [] }, 0],
  ['sum(snacks)', { snacks: ['Soup', 'Half-price voucher', 'Something else'] }, 3.5],
  ['sum(snacks) * 2', { snacks: [] }, 0],
  ['children * sum(seat)', { children: 3, seat: 'Back' }, 13.5],
  ['sum(seat)', {}, 0],
  ['min(3, 1, 2) + max(4, 5)', {}, 6],
  ['round(2.345, 2)', {}, 2.35],
  ['round(1.005, 2)', {}, 1.01],
  ['round(-2.5)', {}, -3],
  ['plan + 5', { plan: '25' }, 30],
  ['1 / children', {}, NaN],
  ['if(children > 0, 12 / children, 0)', {}, 0],
])('%s of %j is %s', (formula, answers, value) => {
  expect(valueOf(formula, answers)).toBe(value);
});

test.each([
  ['', 'is empty'],
  ['children *', 'ends where a number, a field or a function is expected'],
  ['children children', 'has “children” where nothing more is expected'],
  ['(1 + 2', 'lacks a “)”'],
  ['pupils * 2', 'has “pupils”, which no field is called'],
  ['children-adults', 'has “children-adults”, which no field is called; put spaces around a minus'],
  ['sum(1)', 'needs a field whose options have values in “sum”'],
  ['sum(extras)', 'needs a field whose options have values in “sum”'],
  ['sum(snacks + 1)', 'lacks a “)”'],
  ['sum(', 'needs a field whose options have values in “sum”'],
  ['total(1)', 'has “total”, which is no function'],
  ['round(1, 2, 3)', 'gives round 3 values; it takes 1 to 2'],
  ['if(children, 1, 2)', 'needs a comparison first in “if”'],
  ['name * 2', 'can’t calculate with a text by “*”'],
  ['name < 2', 'can’t compare a text by “<”'],
  ['children > 2', 'must come to a number'],
  ['name', 'must come to a number'],
  ['(children > 2) + 1', 'can’t use a comparison with “+”'],
  ['children and adults', 'needs a comparison on both sides of “and”'],
  ['-name', 'has a minus before what is no number'],
  ['min(name, 2)', 'gives min what is no number'],
  ['2 # 3', 'can’t be read from “# 3” on'],
  ['"open', 'can’t be read from “"open” on'],
  ['constructor * 2', 'has “constructor”, which no field is called'],
  [`${'('.repeat(60)}1`, 'is nested too deeply'],
])('%s: it %s', (formula, reason) => {
  expect(valueOf(formula)).toBe(reason);
});

test('where it is wrong is told as a place in it', () => {
  expect(parseFormula('children * pupils', fields)).toMatchObject({ ok: false, at: 11 });
  expect(parseFormula('1 +  #', fields)).toMatchObject({ ok: false, at: 5 });
});

test('sums, products and brackets are calculated as JavaScript does', () => {
  const number = fc.integer({ min: 0, max: 99 }).map(String);
  const { expression } = fc.letrec<{ expression: string; pair: string }>((tie) => ({
    expression: fc.oneof({ depthSize: 'small' }, number, tie('pair')),
    pair: fc
      .tuple(tie('expression'), fc.constantFrom('+', '-', '*'), tie('expression'))
      .map(([one, operator, other]) => `(${one} ${operator} ${other})`),
  }));
  fc.assert(
    fc.property(expression, (formula) => {
      // The oracle; the text is made here.
      expect(valueOf(formula)).toBe((new Function(`return ${formula}`) as () => number)());
    }),
  );
});

test('whatever is typed is read or refused with a reason, and whatever is run comes to a number', () => {
  const piece = fc.constantFrom(
    '1',
    'children',
    'plan',
    '"a"',
    '+',
    '-',
    '×',
    '(',
    ')',
    'if(',
    ',',
    '<',
    'and',
    'not',
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 14 }), (pieces) => {
      const read = parseFormula(pieces.join(' '), fields);
      if (read.ok) expect(typeof runProgram(read.program, { children: 3, plan: 'x' })).toBe('number');
      else expect(read.reason).not.toBe('');
    }),
    { numRuns: 500 },
  );
});

test('a program of a newer version, or one that was tampered with, comes to nothing', () => {
  expect(runProgram([1, 2, 'teleport'], {})).toBeNaN();
  expect(runProgram([1, 2, 'constructor'], {})).toBeNaN();
  expect(runProgram([], {})).toBeNaN();
});

test('a calculated value has no traces of binary fractions', () => {
  expect([0.1 + 0.2, 1 / 3, NaN, Infinity, -0.00000000001].map(calculated)).toEqual([
    '0.3',
    '0.3333333333',
    '',
    '',
    '0',
  ]);
});
