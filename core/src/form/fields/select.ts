import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const select: FieldKind = {
  tidy: (value) => value,
};

export const selectCheck: FieldCheck = {
  accepts: (value, { options = [] }) => options.includes(value),
};

export const selectSpec = {
  kind: 'select',
  label: 'Drop-down',
  says: { missing: 'missingChoice' },
  icon: 'chevron-down',
  key: 'choice',
  tag: 'select',
  attributes: {},
  maxLength: 200,
  gives: 'option',
  asks: 'Choose one',
  options: ['First', 'Second', 'Third'],
} as const satisfies FieldSpec;
