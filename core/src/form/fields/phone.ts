import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const phone: FieldKind = {
  tidy: (value) => value.trim().replace(/\s+/g, ' '),
};

export const phoneCheck: FieldCheck = {
  // Digits with what people put between them (ITU-T E.123); at least five, at most fifteen (E.164).
  accepts: (value) => /^\+?[\d\s()/.-]+$/.test(value) && /^\d{5,15}$/.test(value.replace(/\D/g, '')),
};

export const phoneSpec = {
  kind: 'phone',
  label: 'Phone',
  says: { malformed: 'malformedPhone' },
  icon: 'phone',
  key: 'phone',
  tag: 'input',
  attributes: { type: 'tel', autocomplete: 'tel', inputmode: 'tel' },
  maxLength: 40,
} as const satisfies FieldSpec;
