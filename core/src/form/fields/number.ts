import type { FieldKind, FieldSpec } from '../field.js';

export const number: FieldKind = {
  tidy: (value) => value.trim().replace(/\s/g, ''),
  accepts: (value) => /^[+-]?\d+([.,]\d+)?$/.test(value),
  messages: { malformed: 'Please enter a number' },
};

export const numberSpec: FieldSpec = {
  kind: 'number',
  label: 'Number',
  icon: 'hash',
  key: 'number',
  tag: 'input',
  attributes: { type: 'text', inputmode: 'decimal' },
  maxLength: 30,
};
