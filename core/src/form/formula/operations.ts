import { dayOf, numberOf } from '../answer.js';
import type { Operand } from './program.js';

/** A number out of whatever a field holds: an empty one is 0, a date its days since 1970, several choices how many. */
function number(value: Operand | undefined): number {
  if (typeof value === 'number') return value;
  if (value === undefined || value === '') return 0;
  if (typeof value === 'object') return value.length;
  if (typeof value === 'boolean') return Number(value);
  const day = dayOf(value);
  return Number.isNaN(day) ? numberOf(value) : day;
}

const text = (value: Operand | undefined) => String(value ?? '').toLowerCase();

/** Two are the same as numbers where both are, and as texts else; of several choices one of them has to be it. */
function same(one: Operand | undefined, other: Operand | undefined): boolean {
  if (typeof one === 'object') return one.some((each) => same(each, other));
  if (typeof one === 'number' || typeof other === 'number') return number(one) === number(other);
  return text(one) === text(other);
}

const numbers = (values: readonly Operand[]) => values.map(number);
type Operation = (...values: Operand[]) => Operand;

const calculation =
  (of: (...values: number[]) => Operand): Operation =>
  (...values) =>
    of(...numbers(values));

/** Half away from zero, as people round; a digit more than wanted makes up for what binary fractions lose. */
const rounded = (value: number, digits = 0): number => {
  const by = 10 ** Math.max(0, Math.min(10, Math.trunc(digits)));
  return (Math.sign(value) * Math.round(Number((Math.abs(value) * by).toPrecision(15)))) / by;
};

/** What a program can do, by the words in it. Nothing throws: what can't be calculated is NaN. */
export const operations: Readonly<Record<string, Operation>> = {
  '+': calculation((a, b) => a + b),
  '-': calculation((a, b) => a - b),
  '*': calculation((a, b) => a * b),
  '/': calculation((a, b) => (b === 0 ? NaN : a / b)),
  neg: calculation((a) => -a),
  '<': calculation((a, b) => a < b),
  '>': calculation((a, b) => a > b),
  '<=': calculation((a, b) => a <= b),
  '>=': calculation((a, b) => a >= b),
  '=': (a, b) => same(a as Operand, b as Operand),
  '<>': (a, b) => !same(a as Operand, b as Operand),
  and: (a, b) => Boolean(a) && Boolean(b),
  or: (a, b) => Boolean(a) || Boolean(b),
  not: (a) => !a,
  min: calculation(Math.min),
  max: calculation(Math.max),
  round: calculation(rounded),
  if: (test, then, otherwise) => (test ? then : otherwise) as Operand,
  count: (several) => number(several) && (typeof several === 'object' ? several.length : 1),
};
