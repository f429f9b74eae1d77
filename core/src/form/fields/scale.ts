import type { FieldKind, FieldSpec } from '../field.js';
import { select, selectCheck } from './select.js';
import { numberOf } from '../answer.js';

export const scale: FieldKind = {
  ...select,
  answer: (value) => (Number.isNaN(numberOf(value)) ? value : numberOf(value)),
};

export const scaleCheck = selectCheck;

export const scaleSpec = {
  kind: 'scale',
  label: 'Scale',
  says: { missing: 'missingChoice' },
  icon: 'gauge',
  key: 'rating',
  tag: 'choices',
  attributes: { type: 'radio' },
  maxLength: 60,
  asks: 'How was it?',
  gives: 'option',
  options: ['1', '2', '3', '4', '5'],
} as const satisfies FieldSpec;
