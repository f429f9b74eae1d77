import { numberOf } from '../answer.js';
import type { FieldCheck, FieldKind } from '../field.js';

/** One of the amounts that are offered, or one of the visitor's own where there is a least one. */
export const amount: FieldKind = {
  tidy: (value) => value.trim().replace(/\s/g, ''),
  answer: (value) => (value === '' ? '' : numberOf(value)),
};

export const amountCheck: FieldCheck = {
  accepts: (value, { options = [], min }) =>
    options.includes(value) || (min !== undefined && /^\d{1,9}([.,]\d{1,2})?$/.test(value)),
  measure: numberOf,
};
