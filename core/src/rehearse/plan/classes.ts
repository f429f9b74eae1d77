import type { Axis, AxisValue, Condition } from '../../behaviour/index.js';
import { axisOf } from './studied.js';

/** Of more than so many parts, not every choice is tried: 2 to the power of them. */
const mostParts = 6;

/** An axis as all conditions together see it: what they have in common is one thing. */
export function mergedAxes(conditions: readonly Condition[]): Axis[] {
  const merged = new Map<string, Axis[]>();
  for (const condition of conditions) {
    const axis = axisOf(condition);
    if (axis) merged.set(axis.key, [...(merged.get(axis.key) ?? []), axis]);
  }
  return [...merged].map(([key, axes]) => {
    const values = new Map<string, AxisValue>();
    for (const value of [...axes.flatMap((axis) => axis.values), ...made(axes)])
      if (!values.has(value.id)) values.set(value.id, value);
    return { key, values: [...values.values()] };
  });
}

function made(axes: readonly Axis[]): AxisValue[] {
  const make = axes.find((axis) => axis.made)?.made;
  if (!make) return [];
  const parts = [...new Set(axes.flatMap((axis) => axis.parts ?? []))].slice(0, mostParts);
  const choices = Array.from({ length: 2 ** parts.length }, (_, bits) =>
    parts.filter((__, at) => bits & (1 << at)),
  );
  const cuts = [...new Set(axes.flatMap((axis) => axis.cuts ?? []))].sort((a, b) => a - b);
  const numbers = numbersAbout(cuts, parts.length > 0);
  return [undefined, ...numbers].flatMap((number) => choices.map((chosen) => make(chosen, number)));
}

/**
 * Numbers at, between, below and above some others, which ascend. Where digits matter too, there are several of each kind, as
 * unlike one another as their digits can make them.
 */
function numbersAbout(cuts: readonly number[], digitsMatter: boolean): number[] {
  const [first, last] = [cuts[0], cuts.at(-1)];
  if (first === undefined || last === undefined) return [];
  const shares = digitsMatter ? [1, 2, 3, 4, 5, 6, 7, 8].map((digit) => digit / 9) : [0.5];
  const between = cuts.slice(1).flatMap((cut, at) => {
    const before = cuts[at] as number;
    return shares.map((share) => Number((before + (cut - before) * share).toPrecision(precision)));
  });
  const beyond = digitsMatter ? repeatedDigits(Math.max(Math.abs(first), Math.abs(last))) : [];
  return [...cuts, first - 1, last + 1, ...between, ...beyond, ...beyond.map((number) => -number)];
}

/** Digits of a number between two others: as many as tell it from them, with no error of binary fractions at the end. */
const precision = 9;

/** 111, 222 and so on to 999, of so many digits that each is above a number. */
const repeatedDigits = (above: number): number[] => {
  const ones = '1'.repeat(String(Math.trunc(above)).length + 1);
  return [1, 2, 3, 4, 5, 6, 7, 8, 9].map((digit) => Number(ones) * digit);
};
