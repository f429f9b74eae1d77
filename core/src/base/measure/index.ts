import { calc } from '@csstools/css-calc';
import { valueAt } from '../maps/index.js';
import { listed } from './listed.js';
import { lengthUnits, rangeIn, type LengthUnit } from './lengths.js';

/** What a field for a number takes. */
export interface MeasureRule {
  min?: number | undefined;
  max?: number | undefined;
  /** What a number without a unit is in, such as `px`, `ms` or `%`; none for a plain number. */
  unit?: string | undefined;
  /** The units that are kept beside it, such as `rem`. */
  units?: readonly string[] | undefined;
  /** The words that are taken as they are, such as `auto`. */
  keywords?: readonly string[] | undefined;
}

/** A number in the rule's own unit, or a text with another unit or a keyword. */
export type Measure = number | string;

/** What was typed, read: a measure, or why it is not taken and the nearest one that is. */
export type ReadMeasure =
  { measure: Measure } | { reason: string; nearest: Measure } | { reason: string; nearest?: never };

// What one of each is worth in the first of its row; a field in one of them takes the others.
const convertible: readonly Readonly<Record<string, number>>[] = [
  { ms: 1, s: 1000, min: 60_000 },
  { s: 1, min: 60, h: 3600 },
  { days: 1, day: 1, d: 1, weeks: 7, week: 7 },
  { deg: 1, turn: 360 },
];

const decimals = 4;
const longest = 60;
const result = /^(-?(?:\d+(?:\.\d+)?|\.\d+)(?:e[+-]?\d+)?)\s*(%|[a-z]*)$/i;

/**
 * Reads what a person types into a field for a number: a number, a number with a unit ("20rem", "50 %", "1.2em"),
 * or a sum ("16*1.5", "10px + 4"). A decimal comma is a point. Sums are solved as CSS's `calc()` (CSS Values and
 * Units 4), by a library.
 *
 * @returns the measure; or a reason, such as "At most 400", with the nearest measure where there is one
 * @example readMeasure('16*1.5', { min: 0, max: 400, unit: 'px', units: ['rem'] }) // { measure: 24 }
 */
export function readMeasure(typed: string, rule: MeasureRule): ReadMeasure {
  const text = typed.trim().toLowerCase();
  if (rule.keywords?.includes(text)) return { measure: text };
  const [, digits, unit] = solved(text) ?? [];
  if (digits === undefined || unit === undefined) return { reason: `Type ${example(rule)}` };
  const number = rounded(Number(digits));
  if (!Number.isFinite(number)) return { reason: `Type ${example(rule)}` };
  return inUnit(number, unit, rule);
}

/** A measure as a field shows it. */
export const measureText = (measure: Measure | undefined): string => String(measure ?? '');

/** A measure moved by `step` in its own unit and kept within its range; a keyword stays. */
export function steppedMeasure(measure: Measure | undefined, step: number, rule: MeasureRule): Measure {
  const [, digits, unit] = result.exec(measureText(measure ?? 0)) ?? [];
  if (digits === undefined || unit === undefined) return measure ?? 0;
  const read = inUnit(rounded(Number(digits) + step), unit, rule);
  return 'measure' in read ? read.measure : (read.nearest ?? measure ?? 0);
}

function inUnit(number: number, unit: string, rule: MeasureRule): ReadMeasure {
  if (unit === '' || unit === rule.unit) return within(number, '', rule);
  if (rule.units?.includes(unit)) return within(number, unit, rule);
  for (const row of convertible) {
    const [from, to] = [valueAt(row, unit), valueAt(row, rule.unit ?? '')];
    if (from && to) return within(rounded((number * from) / to), '', rule);
  }
  return { reason: `Use ${unitList(rule)}` };
}

function within(number: number, unit: string, rule: MeasureRule): ReadMeasure {
  const px = { min: rule.min ?? -Infinity, max: rule.max ?? Infinity };
  const { min, max } = unit && isLengthUnit(unit) ? rangeIn(unit, px) : px;
  const of = (value: number): Measure => (unit ? `${rounded(value)}${unit}` : value);
  const said = (value: number) => `${rounded(value)}${spaced(unit || rule.unit || '')}`;
  if (number < min) return { reason: `At least ${said(min)}`, nearest: of(min) };
  if (number > max) return { reason: `At most ${said(max)}`, nearest: of(max) };
  return { measure: of(number) };
}

function solved(text: string): RegExpExecArray | null {
  if (text === '' || text.length > longest) return null;
  const plain = text
    .replaceAll('−', '-')
    .replaceAll('×', '*')
    .replaceAll('÷', '/')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/(\d)\s+(%|[a-z])/g, '$1$2');
  const direct = result.exec(plain);
  if (direct) return direct;
  // CSS wants room around + and −, and units on both sides: "10px + 4" means 4 px.
  const sum = plain.replace(/([\d)%a-z])\s*([+-])\s*(?=[\d.(])/g, '$1 $2 ');
  const [unit] = /[a-z]+|%/.exec(sum) ?? [];
  return (
    result.exec(calc(`calc(${sum})`, { precision: decimals })) ??
    (unit && !/[*/]/.test(sum)
      ? result.exec(calc(`calc(${sum.replace(/(\d)(?![\d.a-z%])/g, `$1${unit}`)})`, { precision: decimals }))
      : null)
  );
}

const isLengthUnit = (unit: string): unit is LengthUnit => (lengthUnits as readonly string[]).includes(unit);
const rounded = (number: number): number => Number(number.toFixed(decimals));
const spaced = (unit: string): string => unit && ` ${unit}`;

function unitList({ unit, units = [] }: MeasureRule): string {
  const all = [...(unit ? [unit] : []), ...units];
  return listed(all, 'or') || 'a number without a unit';
}

function example({ unit, units = [], keywords = [] }: MeasureRule): string {
  const more = [...units.slice(0, 1).map((one) => `2${one}`), ...keywords];
  const first = unit ? `a number (${unit})` : 'a number';
  if (more.length === 0) return first;
  return `${first}, ${more.length === 1 ? 'or ' : ''}${listed(more, 'or')}`;
}
