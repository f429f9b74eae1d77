import { filled } from '../base/messages/filled.js';
import { valueAt } from '../base/maps/index.js';
import { fillIn, givenFor, type Filled } from './asked.js';
import type { Days, FieldProblem, FieldRule, FormRule } from './field.js';
import { limitOf } from './limit-of.js';
import { fieldChecks } from './registry.js';

export interface FieldFault {
  key: string;
  element: string;
  problem: FieldProblem;
  message: string;
}

/** A form as it stands, and what is wrong with it. */
export interface FormResult extends Filled {
  faults: FieldFault[];
}

// For rules that were compiled without words.
const fallback: Partial<Record<FieldProblem, string>> = {
  missing: 'Please fill this in',
  tooLong: 'Please shorten this',
};

/** Limits that go by the day hold none back. */
const anyDay: Days = { from: -Infinity, to: Infinity };

/**
 * Checks what a visitor entered. The page and the server both go by this, so they always agree. What is not asked for is neither
 * checked nor among the values; what is calculated is calculated here, whatever was sent for it.
 *
 * @param entered values by field key; a missing key counts as empty
 * @param today the days that it may be where the visitor is
 * @example checkForm(rule, { email: 'mira@' }).faults[0].problem // 'malformed'
 */
export function checkForm(
  rule: FormRule,
  entered: Readonly<Record<string, unknown>>,
  today: Days = anyDay,
): FormResult {
  const filledIn = fillIn(rule, entered);
  return { ...filledIn, faults: faultsIn(rule, entered, filledIn, today) };
}

/**
 * What is wrong with a form that was filled in.
 *
 * @param entered what it was filled in with
 * @example faultsIn(rule, { email: 'mira@' }, fillIn(rule, { email: 'mira@' }), today)[0].problem // 'malformed'
 */
export function faultsIn(
  rule: FormRule,
  entered: Readonly<Record<string, unknown>>,
  { values, required, unfit }: Filled,
  today: Days,
): FieldFault[] {
  const faults: FieldFault[] = [];
  for (const field of rule.fields) {
    const { key, element } = field;
    const value = valueAt(values, key);
    if (value === undefined || field.program) continue;
    const problem =
      typeof givenFor(entered, key) === 'string'
        ? (fieldProblem(field, value, required.has(key), today) ?? (unfit.has(key) ? 'malformed' : null))
        : 'malformed';
    if (problem)
      faults.push({ key, element, problem, message: messageFor(field, problem, today, rule.lang) });
  }
  return faults;
}

function fieldProblem(field: FieldRule, value: string, required: boolean, today: Days): FieldProblem | null {
  if (value === '') return required ? 'missing' : null;
  if (value.length > field.maxLength) return 'tooLong';
  const kind = valueAt(fieldChecks, field.kind);
  if (!kind?.accepts(value, field) || !matches(value, field)) return 'malformed';
  const measure = kind.measure?.(value) ?? NaN;
  // What can't be compared is no fault of the visitor's.
  if (measure < limitOf(field, 'min', today.from)) return 'tooSmall';
  return measure > limitOf(field, 'max', today.to) ? 'tooLarge' : null;
}

// A pattern that this browser can't read holds nobody back: the server reads it too.
function matches(value: string, { pattern }: FieldRule): boolean {
  if (pattern === undefined) return true;
  try {
    return new RegExp(`^(?:${pattern})$`, 'u').test(value);
  } catch {
    return true;
  }
}

function messageFor(field: FieldRule, problem: FieldProblem, today: Days, language?: string): string {
  const message = field.messages[problem] || fallback[problem] || 'Please check this';
  const which = problem === 'tooSmall' ? 'min' : problem === 'tooLarge' ? 'max' : null;
  if (!which) return message;
  const limit = limitOf(field, which, which === 'min' ? today.from : today.to);
  return filled(message, {
    limit: valueAt(fieldChecks, field.kind)?.limitText?.(limit, language) ?? field[which] ?? '',
  });
}
