import type { FieldKind, FieldSpec } from '../field.js';

export const longText: FieldKind = {
  tidy: (value) => value.replace(/\r\n?/g, '\n').trim(),
  accepts: () => true,
};

export const longTextSpec = {
  kind: 'long-text',
  label: 'Long text',
  icon: 'align-left',
  key: 'message',
  tag: 'textarea',
  attributes: { rows: '4' },
  maxLength: 4000,
} as const satisfies FieldSpec;
