import type { FieldKind, FieldSpec } from '../field.js';

export const number: FieldKind = {
  tidy: (value) => value.trim().replace(/\s/g, ''),
  accepts: (value) => /^[+-]?\d+([.,]\d+)?$/.test(value),
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
} as const satisfies FieldSpec;
