import type { FieldKind, FieldSpec } from '../field.js';

export const consent: FieldKind = {
  tidy: (value) => value,
  accepts: (value, { options = [] }) => options.includes(value),
  messages: { missing: 'Please agree before sending' },
};

export const consentSpec: FieldSpec = {
  kind: 'consent',
  label: 'Consent',
  icon: 'check',
  key: 'consent',
  tag: 'choices',
  attributes: { type: 'checkbox' },
  maxLength: 2000,
  asks: 'Privacy',
  options: ['I have read how my data is used, and agree.'],
};
