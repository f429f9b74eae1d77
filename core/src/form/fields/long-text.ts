import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';
import { lengthLimits } from '../limits.js';

export const longText: FieldKind = {
  tidy: (value) => value.replace(/\r\n?/g, '\n').trim(),
};

export const longTextCheck: FieldCheck = {
  accepts: () => true,
  measure: (value) => value.length,
};

export const longTextSpec = {
  kind: 'long-text',
  label: 'Long text',
  icon: 'align-left',
  key: 'message',
  tag: 'textarea',
  attributes: { rows: '4' },
  maxLength: 4000,
  limits: lengthLimits,
} as const satisfies FieldSpec;
