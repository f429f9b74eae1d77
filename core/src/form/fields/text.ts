import type { FieldKind, FieldSpec } from '../field.js';

export const text: FieldKind = {
  tidy: (value) => value.trim(),
  accepts: () => true,
};

export const textSpec = {
  kind: 'text',
  label: 'Short text',
  icon: 'text-cursor-input',
  key: 'text',
  tag: 'input',
  attributes: { type: 'text' },
  maxLength: 200,
} as const satisfies FieldSpec;
