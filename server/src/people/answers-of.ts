import type { Answers } from '@sirene/core/form';
import type { SubmittedField } from './people.entity.js';

/** The answers of a submission as data, by field name. */
export const answersOf = (fields: readonly SubmittedField[]): Answers =>
  Object.fromEntries(fields.map(({ key, value, answer = value }) => [key, answer]));
