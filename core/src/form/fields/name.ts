import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const name: FieldKind = {
  tidy: (value) => value.trim().replace(/\s+/g, ' '),
};

export const nameCheck: FieldCheck = {
  accepts: () => true,
};

export const nameSpec = {
  kind: 'name',
  label: 'Name',
  says: { missing: 'missingName' },
  icon: 'user',
  key: 'name',
  tag: 'input',
  attributes: { type: 'text', autocomplete: 'name' },
  maxLength: 120,
} as const satisfies FieldSpec;
