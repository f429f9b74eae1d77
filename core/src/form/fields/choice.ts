import type { FieldKind, FieldSpec } from '../field.js';

export const choice: FieldKind = {
  tidy: (value) => value,
  accepts: (value, { options = [] }) => options.includes(value),
  messages: { missing: 'Please choose one' },
};

export const choiceSpec: FieldSpec = {
  kind: 'choice',
  label: 'Radio buttons',
  icon: 'circle-check',
  key: 'choice',
  tag: 'choices',
  attributes: { type: 'radio' },
  maxLength: 200,
  asks: 'Which one?',
  options: ['First', 'Second', 'Third'],
};
