import { numberOf } from '../answer.js';
import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';
import { amountLimits } from '../limits.js';

export const number: FieldKind = {
  tidy: (value) => value.trim().replace(/\s/g, ''),
  answer: (value) => (value === '' ? '' : numberOf(value)),
};

export const numberCheck: FieldCheck = {
  accepts: (value) => /^[+-]?\d+([.,]\d+)?$/.test(value),
  measure: numberOf,
};

export const numberSpec = {
  kind: 'number',
  label: 'Number',
  says: { malformed: 'malformedNumber' },
  icon: 'hash',
  key: 'number',
  tag: 'input',
  attributes: { type: 'text', inputmode: 'decimal' },
  maxLength: 30,
  gives: 'number',
  limits: amountLimits,
} as const satisfies FieldSpec;
