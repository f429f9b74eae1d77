import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const choice: FieldKind = {
  tidy: (value) => value,
};

export const choiceCheck: FieldCheck = {
  accepts: (value, { options = [], other = false }) =>
    options.includes(value) || (other && !value.includes('\n')),
};

export const choiceSpec = {
  kind: 'choice',
  label: 'Radio buttons',
  says: { missing: 'missingChoice' },
  icon: 'circle-check',
  key: 'choice',
  tag: 'choices',
  attributes: { type: 'radio' },
  maxLength: 200,
  gives: 'option',
  asks: 'Which one?',
  options: ['First', 'Second', 'Third'],
} as const satisfies FieldSpec;
