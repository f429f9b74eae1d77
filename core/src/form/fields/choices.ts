import type { FieldKind, FieldSpec } from '../field.js';

export const choices: FieldKind = {
  tidy: (value) => value,
  // Several are sent as one text, a line each.
  accepts: (value, { options = [] }) => value.split('\n').every((one) => options.includes(one)),
};

export const choicesSpec = {
  kind: 'choices',
  label: 'Checkboxes',
  says: { missing: 'missingChoices' },
  icon: 'list-checks',
  key: 'choices',
  tag: 'choices',
  attributes: { type: 'checkbox' },
  maxLength: 4000,
  asks: 'Which ones?',
  options: ['First', 'Second', 'Third'],
} as const satisfies FieldSpec;
