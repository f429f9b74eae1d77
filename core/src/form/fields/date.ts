import { dayOf, dayText } from '../answer.js';
import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

/** A limit that goes by the day on which the form is filled in. */
const relative = /^today(?:([+-])(\d{1,4}))?$/;

export const date: FieldKind = {
  tidy: (value) => value.trim(),
};

export const dateCheck: FieldCheck = {
  accepts: (value) => !Number.isNaN(dayOf(value)),
  measure: dayOf,
  limit(text, today) {
    const [whole, sign = '+', days = '0'] = relative.exec(text) ?? [];
    return whole === undefined ? dayOf(text) : today + Number(`${sign}${days}`);
  },
  limitText: dayText,
};

export const dateSpec = {
  kind: 'date',
  label: 'Date',
  says: { malformed: 'malformedDate' },
  icon: 'calendar',
  key: 'date',
  tag: 'input',
  attributes: { type: 'date' },
  maxLength: 10,
  gives: 'number',
  limits: {
    min: 'Earliest date',
    max: 'Latest date',
    takes: 'date',
    help: 'A date such as 2027-01-12, or today, today+7, today-30.',
    says: { min: 'tooEarly', max: 'tooLate' },
  },
} as const satisfies FieldSpec;
