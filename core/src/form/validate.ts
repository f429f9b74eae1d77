import { filled } from '../base/messages/filled.js';
import { valueAt } from '../base/maps/index.js';
import { fillIn, isRequired, type Filled } from './asked.js';
import type { Days, FieldProblem, FieldRule, FormRule } from './field.js';
import type { Answers } from './answer.js';
import { runProgram } from './formula/index.js';
import { limitOf } from './limit-of.js';
import { fieldKinds } from './registry.js';

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
 * Checks what a visitor entered. The page and the server both call this, so they always agree. What is not asked for is neither
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
  const given = (key: string): unknown => (Object.hasOwn(entered, key) ? valueAt(entered, key) : '');
  const texts = Object.fromEntries(rule.fields.map((field) => [field.key, tidied(field, given(field.key))]));
  const filledIn = fillIn(rule, texts);
  const { values, answers } = filledIn;
  const faults: FieldFault[] = [];
  for (const field of rule.fields) {
    const value = valueAt(values, field.key);
    if (value === undefined || field.program) continue;
    const problem =
      typeof given(field.key) === 'string'
        ? (fieldProblem(field, value, isRequired(field, answers), today) ?? crossProblem(field, answers))
        : 'malformed';
    if (problem)
      faults.push({
        key: field.key,
        element: field.element,
        problem,
        message: messageFor(field, problem, today, rule.lang),
      });
  }
  return { ...filledIn, faults };
}

/** Whether a value is only checked: it is never stored, in the page or on the server. */
export const isSecret = ({ kind }: FieldRule): boolean => valueAt(fieldKinds, kind)?.secret === true;

function tidied(field: FieldRule, value: unknown): string {
  if (typeof value !== 'string') return '';
  return valueAt(fieldKinds, field.kind)?.tidy(value) ?? value;
}

function fieldProblem(field: FieldRule, value: string, required: boolean, today: Days): FieldProblem | null {
  if (value === '') return required ? 'missing' : null;
  if (value.length > field.maxLength) return 'tooLong';
  const kind = valueAt(fieldKinds, field.kind);
  if (!kind?.accepts(value, field) || !matches(value, field)) return 'malformed';
  const measure = kind.measure?.(value) ?? NaN;
  // What can't be compared is no fault of the visitor's.
  if (measure < limitOf(field, 'min', today.from)) return 'tooSmall';
  return measure > limitOf(field, 'max', today.to) ? 'tooLarge' : null;
}

/** What is wrong with a field beside others, once all of them are answered. */
function crossProblem({ valid }: FieldRule, answers: Answers): FieldProblem | null {
  if (!valid || valid.names.some((name) => (valueAt(answers, name) ?? '') === '')) return null;
  return runProgram(valid.program, answers) === 0 ? 'malformed' : null;
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
    limit: valueAt(fieldKinds, field.kind)?.limitText?.(limit, language) ?? field[which] ?? '',
  });
}
