import type { FieldKind, FieldSpec } from './field.js';
import { amount } from './fields/amount.js';
import { choice, choiceSpec } from './fields/choice.js';
import { choices, choicesSpec } from './fields/choices.js';
import { consent, consentSpec } from './fields/consent.js';
import { date, dateSpec } from './fields/date.js';
import { email, emailSpec } from './fields/email.js';
import { file } from './fields/file.js';
import { longText, longTextSpec } from './fields/long-text.js';
import { name, nameSpec } from './fields/name.js';
import { number, numberSpec } from './fields/number.js';
import { password, passwordSpec } from './fields/password.js';
import { phone, phoneSpec } from './fields/phone.js';
import { scale, scaleSpec } from './fields/scale.js';
import { select, selectSpec } from './fields/select.js';
import { signature } from './fields/signature.js';
import { text, textSpec } from './fields/text.js';
import { time, timeSpec } from './fields/time.js';

// Two lists, so that the page loads how a kind behaves without what the studio says about it. The compiler asks for each kind
// in both.

const specs = [
  nameSpec,
  emailSpec,
  textSpec,
  longTextSpec,
  phoneSpec,
  numberSpec,
  dateSpec,
  timeSpec,
  selectSpec,
  choiceSpec,
  choicesSpec,
  scaleSpec,
  consentSpec,
  passwordSpec,
] as const satisfies readonly FieldSpec[];

export type FieldKindName = (typeof specs)[number]['kind'];

/** How the studio offers each kind of field. */
export const fieldSpecs: readonly FieldSpec[] = specs;

/** How each kind of field behaves; those that have an element of their own are none of the kinds that a field can be of. */
export const fieldKinds: { readonly [K in FieldKindName | 'file' | 'amount' | 'signature']: FieldKind } = {
  name,
  email,
  text,
  'long-text': longText,
  phone,
  number,
  date,
  time,
  select,
  choice,
  choices,
  scale,
  consent,
  password,
  file,
  amount,
  signature,
};
