import type { TSchema } from '@sinclair/typebox';
import { Value, ValueErrorType, type ValueError } from '@sinclair/typebox/value';
import type { Problem } from './problem.js';

const most = 20;

/**
 * Checks a value against a schema.
 *
 * @param at the path of the value in the document
 * @returns at most twenty problems, unknown fields among them
 */
export function schemaProblems(schema: TSchema, value: unknown, at: string): Problem[] {
  const problems: Problem[] = [];
  const seen = new Set<string>();
  for (const error of Value.Errors(schema, value)) {
    const path = [at, ...error.path.split('/').filter(Boolean)].filter(Boolean).join('.');
    if (seen.has(path)) continue;
    seen.add(path);
    problems.push({ path, reason: reasonFor(error) });
    if (problems.length === most) break;
  }
  return problems;
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
    case ValueErrorType.Union: {
      const choices = (schema['anyOf'] as TSchema[]).map((choice) => choice['const'] as unknown);
      return choices.every((choice) => choice !== undefined)
        ? `must be one of ${choices.join(', ')}`
        : 'does not have one of the allowed forms';
    }
    case ValueErrorType.Literal:
      return `must be ${JSON.stringify(schema['const'])}`;
    default:
      return `must be ${article(String(schema['type'] ?? 'another value'))}`;
  }
}

const article = (type: string): string => (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`);
