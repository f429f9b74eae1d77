import type { FieldKind, FieldSpec } from '../field.js';

export const select: FieldKind = {
  tidy: (value) => value,
  accepts: (value, { options = [] }) => options.includes(value),
  messages: { missing: 'Please choose one' },
};

export const selectSpec: FieldSpec = {
  kind: 'select',
  label: 'Drop-down',
  icon: 'chevron-down',
  key: 'choice',
  tag: 'select',
  attributes: {},
  maxLength: 200,
  asks: 'Choose one',
  options: ['First', 'Second', 'Third'],
};
