import { minuteMs, minutesOf, nextChange, openAt, type HoursRow } from '../../base/time/hours.js';
import { hoursWords } from '../../base/time/hours-words.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { timeOfDay, weekdays } from '../schemas.js';

export interface HoursCondition extends HoursRow {
  type: 'hours';
}

/** A visitor's clock as a table of one entry: for as long as they are on a page it is not put forward or back. */
const clockOf = ({ ahead }: PageVisit) => [[-Infinity, ahead * minuteMs] as const];

/** It is one of these hours by the visitor's own clock. */
export const hours: ConditionKind<HoursCondition> = {
  compile: (row) => (visit) => openAt([row], clockOf(visit), visit.now),
  changesAt: (row, visit) => nextChange([row], clockOf(visit), visit.now),
};

export const hoursSpec = defineRule({
  type: 'hours',
  label: 'Day and hour',
  schema: () => ruleSchema('hours', { days: weekdays(), from: timeOfDay(), to: timeOfDay() }),
  create: () => ({ type: 'hours', days: [1, 2, 3, 4, 5], from: '09:00', to: '17:00' }),
  phrase: (row: HoursCondition) => `${hoursWords(row)} by their own clock`,
  found: ({ now, ahead }: PageVisit) =>
    new Date(now + ahead * minuteMs).toLocaleString('en-GB', {
      timeZone: 'UTC',
      weekday: 'long',
      hour: '2-digit',
      minute: '2-digit',
    }),
  problems: ({ from, to }: HoursCondition) =>
    minutesOf(from) >= minutesOf(to) ? [['to', 'must be later than “From”']] : [],
  fields: [
    {
      key: 'days',
      label: 'Days',
      several: { 1: 'Mon', 2: 'Tue', 3: 'Wed', 4: 'Thu', 5: 'Fri', 6: 'Sat', 7: 'Sun' },
    },
    { key: 'from', label: 'From', time: true },
    { key: 'to', label: 'To', time: true },
  ],
});
