import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

export const consent: FieldKind = {
  tidy: (value) => value,
};

export const consentCheck: FieldCheck = {
  accepts: (value, { options = [] }) => options.includes(value),
};

export const consentSpec = {
  kind: 'consent',
  label: 'Consent',
  says: { missing: 'missingConsent' },
  icon: 'check',
  key: 'consent',
  tag: 'choices',
  attributes: { type: 'checkbox' },
  maxLength: 2000,
  asks: 'Privacy',
  options: ['I have read how my data is used, and agree.'],
} as const satisfies FieldSpec;
