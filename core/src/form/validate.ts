import { valueAt } from '../base/maps/index.js';
import type { FieldProblem, FieldRule, FormRule } from './field.js';
import { fieldKinds } from './registry.js';

export interface FieldFault {
  key: string;
  element: string;
  problem: FieldProblem;
  message: string;
}

export interface FormResult {
  /** The values tidied, one for each field of the form. */
  values: Record<string, string>;
  faults: FieldFault[];
}

// For rules that were compiled without words.
const fallback: Record<FieldProblem, string> = {
  missing: 'Please fill this in',
  malformed: 'Please check this',
  tooLong: 'Please shorten this',
};

/**
 * Checks what a visitor entered. The page and the server both call this, so they always agree.
 *
 * @param entered values by field key; a missing key counts as empty
 * @example checkForm(rule, { email: 'mira@' }).faults[0].problem // 'malformed'
 */
export function checkForm(rule: FormRule, entered: Readonly<Record<string, unknown>>): FormResult {
  const values: Record<string, string> = {};
  const faults: FieldFault[] = [];
  for (const field of rule.fields) {
    const given = Object.hasOwn(entered, field.key) ? valueAt(entered, field.key) : '';
    const value = tidied(field, given);
    values[field.key] = value;
    const problem = typeof given === 'string' ? fieldProblem(field, value) : 'malformed';
    if (problem)
      faults.push({ key: field.key, element: field.element, problem, message: messageFor(field, problem) });
  }
  return { values, faults };
}

/** Whether a value is only checked: it is never stored, in the page or on the server. */
export const isSecret = ({ kind }: FieldRule): boolean => valueAt(fieldKinds, kind)?.secret === true;

function tidied(field: FieldRule, value: unknown): string {
  if (typeof value !== 'string') return '';
  return valueAt(fieldKinds, field.kind)?.tidy(value) ?? value;
}

function fieldProblem(field: FieldRule, value: string): FieldProblem | null {
  if (value === '') return field.required ? 'missing' : null;
  if (value.length > field.maxLength) return 'tooLong';
  return valueAt(fieldKinds, field.kind)?.accepts(value, field) ? null : 'malformed';
}

function messageFor(field: FieldRule, problem: FieldProblem): string {
  return field.messages[problem] || fallback[problem];
}
