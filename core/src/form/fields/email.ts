import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

// The address grammar browsers use for <input type=email> (WHATWG HTML, "valid e-mail address"), plus the dot in
// the domain that a deliverable address has.
const address =
  /^[a-z0-9.!#$%&'*+/=?^_`{|}~-]{1,64}@[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)+$/i;

export const email: FieldKind = {
  tidy: (value) => value.trim(),
};

export const emailCheck: FieldCheck = {
  accepts: (value) => value.length <= 254 && !value.includes('..') && address.test(value),
};

export const emailSpec = {
  kind: 'email',
  label: 'E-mail',
  says: { missing: 'missingEmail', malformed: 'malformedEmail' },
  icon: 'at-sign',
  key: 'email',
  tag: 'input',
  attributes: { type: 'email', autocomplete: 'email', inputmode: 'email', spellcheck: 'false' },
  maxLength: 254,
} as const satisfies FieldSpec;
