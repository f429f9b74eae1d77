import type { FieldCheck, FieldKind, FieldSpec } from './field.js';
import { amount, amountCheck } from './fields/amount.js';
import { choice, choiceCheck, choiceSpec } from './fields/choice.js';
import { choices, choicesCheck, choicesSpec } from './fields/choices.js';
import { consent, consentCheck, consentSpec } from './fields/consent.js';
import { date, dateCheck, dateSpec } from './fields/date.js';
import { email, emailCheck, emailSpec } from './fields/email.js';
import { file, fileCheck } from './fields/file.js';
import { longText, longTextCheck, longTextSpec } from './fields/long-text.js';
import { name, nameCheck, nameSpec } from './fields/name.js';
import { number, numberCheck, numberSpec } from './fields/number.js';
import { password, passwordCheck, passwordSpec } from './fields/password.js';
import { phone, phoneCheck, phoneSpec } from './fields/phone.js';
import { scale, scaleCheck, scaleSpec } from './fields/scale.js';
import { select, selectCheck, selectSpec } from './fields/select.js';
import { signature, signatureCheck } from './fields/signature.js';
import { text, textCheck, textSpec } from './fields/text.js';
import { time, timeCheck, timeSpec } from './fields/time.js';

// Three lists: the page loads how a kind is read without how it is checked, and both without what the studio says about it. The
// compiler asks for each kind in all of them.

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

type Kind = FieldKindName | 'file' | 'amount' | 'signature';

/** How each kind of field is read; those that have an element of their own are none of the kinds that a field can be of. */
export const fieldKinds: { readonly [K in Kind]: FieldKind } = {
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

/** How each of them is checked. */
export const fieldChecks: { readonly [K in Kind]: FieldCheck } = {
  name: nameCheck,
  email: emailCheck,
  text: textCheck,
  'long-text': longTextCheck,
  phone: phoneCheck,
  number: numberCheck,
  date: dateCheck,
  time: timeCheck,
  select: selectCheck,
  choice: choiceCheck,
  choices: choicesCheck,
  scale: scaleCheck,
  consent: consentCheck,
  password: passwordCheck,
  file: fileCheck,
  amount: amountCheck,
  signature: signatureCheck,
};
