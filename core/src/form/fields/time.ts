import type { FieldCheck, FieldKind, FieldSpec } from '../field.js';

const clock = /^([01]\d|2[0-3]):([0-5]\d)$/;

/** Minutes since midnight. */
function minutesOf(value: string): number {
  const [, hours, minutes] = clock.exec(value) ?? [];
  return Number(hours) * 60 + Number(minutes);
}

const two = (value: number) => String(value).padStart(2, '0');

export const time: FieldKind = {
  // Some browsers send seconds (HTML, valid time string).
  tidy: (value) => value.trim().replace(/^(\d\d:\d\d):\d\d(\.\d+)?$/, '$1'),
};

export const timeCheck: FieldCheck = {
  accepts: (value) => clock.test(value),
  measure: minutesOf,
  limit: minutesOf,
  limitText: (limit) => `${two(Math.floor(limit / 60))}:${two(limit % 60)}`,
};

export const timeSpec = {
  kind: 'time',
  label: 'Time',
  says: { malformed: 'malformedTime' },
  icon: 'clock',
  key: 'time',
  tag: 'input',
  attributes: { type: 'time' },
  maxLength: 12,
  limits: {
    min: 'Earliest time',
    max: 'Latest time',
    takes: 'time',
    help: 'On a 24-hour clock, such as 09:30.',
    says: { min: 'tooEarly', max: 'tooLate' },
  },
} as const satisfies FieldSpec;
