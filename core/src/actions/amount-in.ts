import type { Answers } from '../form/index.js';
import { valueAt } from '../base/maps/index.js';

const whole = /^\{\{\s*([\w.-]+)\s*\}\}$/;

/**
 * The amount that an action names: a number, or the answer of the one field that it names. `null` where it is neither, or
 * less than nothing.
 *
 * @example amountIn('{{gift}}', { gift: 25 }) // 25
 */
export function amountIn(text: string, answers: Answers): number | null {
  const key = whole.exec(text.trim())?.[1];
  const found = key === undefined ? text.trim() : (valueAt(answers, key) ?? '');
  const amount = typeof found === 'number' ? found : found.length === 0 ? NaN : Number(found);
  return Number.isFinite(amount) && amount >= 0 ? amount : null;
}
