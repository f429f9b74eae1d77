import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';
import { lengthLimits } from '../limits.js';

export const text: FieldKind = {
  tidy: (value) => value.trim(),
};

export const textCheck: FieldCheck = {
  accepts: () => true,
  measure: (value) => value.length,
};

export const textSpec = {
  kind: 'text',
  label: 'Short text',
  icon: 'text-cursor-input',
  key: 'text',
  tag: 'input',
  attributes: { type: 'text' },
  maxLength: 200,
  limits: lengthLimits,
} as const satisfies FieldSpec;
