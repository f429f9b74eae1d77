import { valueAt } from '../base/maps/index.js';
import type { Answer, Answers } from './answer.js';
import { compileAnswers, type FormTree } from './condition.js';
import type { FieldRule, FormRule } from './field.js';
import { calculated, runProgram } from './formula/index.js';
import { fieldKinds } from './registry.js';

/** A form as it stands with what has been entered. */
export interface Filled {
  /** The values of what is asked for, tidied, by field name. */
  values: Readonly<Record<string, string>>;
  /** The same as data. */
  answers: Answers;
  /** The elements whose conditions do not hold. */
  hidden: ReadonlySet<string>;
  /** What has to be filled in, by field name. */
  required: ReadonlySet<string>;
  /** What does not fit what else has been answered, by field name. */
  unfit: ReadonlySet<string>;
}

const tests = new WeakMap<FormTree, (answers: Answers) => boolean>();

/** Whether conditions hold of a form's answers; a tree is compiled once, since it is asked often. */
export function holds(tree: FormTree, answers: Answers): boolean {
  const test = tests.get(tree) ?? compileAnswers(tree);
  tests.set(tree, test);
  return test(answers);
}

/** What a field holds, as data. */
const answerOf = ({ kind }: FieldRule, value: string): Answer =>
  valueAt(fieldKinds, kind)?.answer?.(value) ?? value;

const isRequired = ({ required, requiredWhen }: FieldRule, answers: Answers): boolean =>
  required || (requiredWhen !== undefined && holds(requiredWhen, answers));

/** Whether a field does not fit others, once all of them are answered. */
const isUnfit = ({ valid }: FieldRule, answers: Answers): boolean =>
  valid !== undefined &&
  valid.names.every((name) => (valueAt(answers, name) ?? '') !== '') &&
  runProgram(valid.program, answers) === 0;

/** Whether a value is only checked: it is never stored, in the page or on the server. */
export const isSecret = ({ kind }: FieldRule): boolean => valueAt(fieldKinds, kind)?.secret === true;

/** What was sent for a field; a missing key counts as empty. */
export const givenFor = (entered: Readonly<Record<string, unknown>>, key: string): unknown =>
  Object.hasOwn(entered, key) ? valueAt(entered, key) : '';

function tidied({ kind, key }: FieldRule, entered: Readonly<Record<string, unknown>>): string {
  const value = givenFor(entered, key);
  if (typeof value !== 'string') return '';
  return valueAt(fieldKinds, kind)?.tidy(value) ?? value;
}

/**
 * Works out what of a form is asked for, and what it calculates. A field that is not asked has no answer for anybody; so fields
 * that depend on each other in a circle settle after as many rounds as there are fields, or stay as they are then.
 *
 * @param entered values by field name; a missing one counts as empty, and so does what is no text
 * @example fillIn(rule, { children: ' 12 ' }).values.sum // '48'
 */
export function fillIn(rule: FormRule, entered: Readonly<Record<string, unknown>>): Filled {
  const texts = new Map(rule.fields.map((field) => [field.key, tidied(field, entered)]));
  let before = '';
  let values: Record<string, string> = {};
  let answers: Record<string, Answer> = {};
  const rounds = rule.fields.some(({ when, program }) => when ?? program) ? rule.fields.length : 0;
  for (let round = 0; round <= rounds; round++) {
    const next: typeof values = {};
    const data: typeof answers = {};
    // What stands above counts as it is in this round, what stands below as it was in the one before.
    const known = (): Answers => ({ ...answers, ...data });
    for (const field of rule.fields) {
      if (field.when && !holds(field.when, known())) {
        data[field.key] = '';
        continue;
      }
      const value = field.program
        ? calculated(runProgram(field.program, known()))
        : (texts.get(field.key) ?? '');
      next[field.key] = value;
      data[field.key] = answerOf(field, value);
    }
    values = next;
    answers = data;
    const now = JSON.stringify(next);
    if (now === before) break;
    before = now;
  }
  const shows = Object.entries(rule.shows ?? {});
  const hidden = new Set(shows.flatMap(([element, tree]) => (holds(tree, answers) ? [] : [element])));
  const keysOf = (fits: (field: FieldRule, answers: Answers) => boolean) =>
    new Set(rule.fields.flatMap((field) => (fits(field, answers) ? [field.key] : [])));
  return { values, answers, hidden, required: keysOf(isRequired), unfit: keysOf(isUnfit) };
}
