import type { TSchema } from '@sinclair/typebox';
import { Value, ValueErrorType, type ValueError } from '@sinclair/typebox/value';
import { isGroup, valueAt } from '../maps/index.js';
import type { Problem } from './problem.js';

const most = 20;
/** How many forms within forms are told apart: at each, all that is inside is gone over once more. */
const mostForms = 20;

/**
 * Checks a value against a schema. Where it may have one of several forms, what is said is about the form that was meant: the
 * one of its `type`, or that whose fields it has.
 *
 * @param at the path of the value in the document
 * @returns at most twenty problems, unknown fields among them
 */
export function schemaProblems(schema: TSchema, value: unknown, at: string): Problem[] {
  const problems: Problem[] = [];
  for (const problem of problemsOf(schema, value, at, [], 0)) {
    problems.push(problem);
    // Looked for one by one: of a hundred thousand only the first are told.
    if (problems.length === most) break;
  }
  return problems;
}

/** @param around the schemas around that one inside refers to by name */
function* problemsOf(
  schema: TSchema,
  value: unknown,
  at: string,
  around: readonly TSchema[],
  depth: number,
): Generator<Problem> {
  const known = schema.$id === undefined ? around : [...around, schema];
  const seen = new Set<string>();
  for (const error of Value.Errors(schema, [...known], value)) {
    const path = [at, ...error.path.split('/').filter(Boolean)].filter(Boolean).join('.');
    if (seen.has(path)) continue;
    seen.add(path);
    const isForm = error.type === ValueErrorType.Union && depth < mostForms;
    const inner = isForm ? meantIn(error.schema, error.value) : undefined;
    const within = error.schema.$id === undefined ? known : [...known, error.schema];
    if (inner === undefined) yield { path, reason: reasonFor(error) };
    else if ('reason' in inner) yield { path: `${path}.${inner.key}`, reason: inner.reason };
    else yield* problemsOf(inner.form, error.value, path, within, depth + 1);
  }
}

/** The form that a value of a union was meant to have, or what is wrong with the field that tells them apart. */
function meantIn(
  union: TSchema,
  value: unknown,
): { form: TSchema } | { key: string; reason: string } | undefined {
  if (!isGroup(value)) return undefined;
  const forms = (union['anyOf'] as TSchema[]).filter((form) => isGroup(form['properties']));
  const telling = forms.flatMap((form) =>
    Object.entries(form['properties'] as Record<string, TSchema>)
      .filter(([, one]) => one['const'] !== undefined)
      .slice(0, 1)
      .map(([key, one]) => ({ form, key, word: one['const'] as unknown })),
  );
  const meant = telling.find(({ key, word }) => valueAt(value, key) === word);
  if (meant) return { form: meant.form };
  // Told apart by a field, such as `type`, and this one says none of them.
  const key = telling[0]?.key;
  if (key !== undefined && (Object.hasOwn(value, key) || telling.length === forms.length)) {
    const words = telling.filter((one) => one.key === key).map(({ word }) => String(word));
    return { key, reason: Object.hasOwn(value, key) ? `must be one of ${words.join(', ')}` : 'is missing' };
  }
  // Told apart by which fields they have.
  const form = forms.find(({ properties }) =>
    Object.keys(value).some((one) => Object.hasOwn(properties as object, one)),
  );
  return form && !telling.some((one) => one.form === form) ? { form } : undefined;
}

function reasonFor(error: ValueError): string {
  const { schema } = error;
  switch (error.type) {
    case ValueErrorType.ObjectAdditionalProperties:
      return 'is not a known field';
    case ValueErrorType.ObjectRequiredProperty:
      return 'is missing';
    case ValueErrorType.StringMaxLength:
      return `is longer than ${schema['maxLength']} characters`;
    case ValueErrorType.StringMinLength:
      return 'is empty';
    case ValueErrorType.StringPattern:
      return (schema['description'] as string | undefined) ?? 'does not have the expected form';
    case ValueErrorType.ArrayMinItems:
      return `has fewer than ${schema['minItems']} entries`;
    case ValueErrorType.ArrayUniqueItems:
      return 'has an entry twice';
    case ValueErrorType.ArrayMaxItems:
      return `has more than ${schema['maxItems']} entries`;
    case ValueErrorType.ObjectMaxProperties:
      return `has more than ${schema['maxProperties']} entries`;
    case ValueErrorType.NumberMaximum:
    case ValueErrorType.IntegerMaximum:
      return `is more than ${schema['maximum']}`;
    case ValueErrorType.NumberMinimum:
    case ValueErrorType.IntegerMinimum:
      return `is less than ${schema['minimum']}`;
    case ValueErrorType.Union:
      return formsOf(schema['anyOf'] as TSchema[]);
    case ValueErrorType.Literal:
      return `must be ${JSON.stringify(schema['const'])}`;
    default:
      return `must be ${article(String(schema['type'] ?? 'another value'))}`;
  }
}

/** The forms that a value may have, in words. */
function formsOf(forms: readonly TSchema[]): string {
  const words = forms.map((form) => form['const'] as unknown);
  if (words.every((word) => word !== undefined)) return `must be one of ${words.join(', ')}`;
  const fields = forms.map((form) => (form['required'] as string[] | undefined)?.[0]);
  if (fields.every((field) => field !== undefined))
    return `must have one of ${[...new Set(fields)].join(', ')}`;
  return `must be ${forms.map((form) => article(String(form['type'] ?? 'another value'))).join(' or ')}`;
}

const article = (type: string): string => (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`);
