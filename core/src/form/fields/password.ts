import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const password: FieldKind = {
  tidy: (value) => value,
  secret: true,
};

export const passwordCheck: FieldCheck = {
  accepts: () => true,
};

export const passwordSpec = {
  kind: 'password',
  label: 'Password',
  says: { missing: 'missingPassword' },
  icon: 'key-round',
  key: 'password',
  tag: 'input',
  attributes: { type: 'password', autocomplete: 'current-password' },
  maxLength: 200,
} as const satisfies FieldSpec;
