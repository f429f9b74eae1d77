import { valueAt } from '../../base/maps/index.js';
import type { Answers } from '../answer.js';
import { operations } from './operations.js';
import type { Operand, Program } from './program.js';

/**
 * Calculates a formula.
 *
 * @returns NaN where it can't be calculated with what has been answered, such as what is divided by zero
 * @example runProgram(['$children', 4, '*'], { children: 12 }) // 48
 */
export function runProgram(program: Program, answers: Answers): number {
  const stack: Operand[] = [];
  for (const step of program) {
    if (typeof step === 'number') stack.push(step);
    else if (step.startsWith('$')) stack.push(valueAt(answers, step.slice(1)) ?? '');
    else if (step.startsWith("'")) stack.push(step.slice(1));
    else {
      const [name = '', count = 2] = step.split(/\/(?=\d)/);
      const operation = valueAt(operations, name);
      if (!operation) return NaN;
      const values = stack.splice(-Number(count));
      stack.push(operation(...values));
    }
  }
  const [result] = stack;
  return typeof result === 'number' ? result : result === '' || result === undefined ? NaN : Number(result);
}

/** A calculated number as a value: to ten places, without what binary fractions leave behind; `''` where there is none. */
export const calculated = (value: number): string =>
  Number.isFinite(value) ? String(Number(Number(value.toPrecision(15)).toFixed(10))) : '';
