import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

const chosen = (value: string): readonly string[] => (value === '' ? [] : value.split('\n'));

export const choices: FieldKind = {
  tidy: (value) => value,
  answer: chosen,
};

export const choicesCheck: FieldCheck = {
  measure: (value) => chosen(value).length,
  // Several are sent as one text, a line each; what is offered nowhere is what was entered, once.
  accepts: (value, { options = [], other = false }) =>
    chosen(value).filter((one) => !options.includes(one)).length <= (other ? 1 : 0),
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
