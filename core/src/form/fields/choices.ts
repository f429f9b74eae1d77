import type { FieldKind, FieldSpec } from '../field.js';

const chosen = (value: string): readonly string[] => (value === '' ? [] : value.split('\n'));

export const choices: FieldKind = {
  tidy: (value) => value,
  answer: chosen,
  measure: (value) => chosen(value).length,
  // Several are sent as one text, a line each.
  accepts: (value, { options = [] }) => chosen(value).every((one) => options.includes(one)),
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
  gives: 'list',
  limits: {
    min: 'Fewest choices',
    max: 'Most choices',
    takes: 'number',
    says: { min: 'tooFewChoices', max: 'tooManyChoices' },
  },
  asks: 'Which ones?',
  options: ['First', 'Second', 'Third'],
} as const satisfies FieldSpec;
