import { minuteMs, minutesOf, nextChange, openAt, type HoursRow } from '../../base/time/hours.js';
import { hoursWords } from '../../base/time/hours-words.js';
import { shortWeekdays } from '../../base/time/weekdays.js';
import { around, axis } from '../axis.js';
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

/** @example clockText(990) // '16:30' */
const clockText = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

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
  axis: ({ days, from, to }: HoursCondition) =>
    axis(
      'clock',
      [1, 2, 3, 4, 5, 6, 7].flatMap((day) =>
        around(days.includes(day) ? [minutesOf(from), minutesOf(to)] : [720]).map(
          (minute) => (day - 1) * 1440 + minute,
        ),
      ),
      (minute) =>
        `${shortWeekdays[(Math.floor(minute / 1440) % 7) + 1]} ${clockText(minute % 1440)} by their own clock`,
      (visit, minute) => {
        // 5 January 1970 was a Monday. Whoever's clock shows that is so much ahead of UTC, or that and some weeks.
        const local = 4 * 1440 + minute;
        return { ...visit, ahead: local - Math.floor(visit.now / minuteMs) };
      },
    ),
  fields: [
    {
      key: 'days',
      label: 'Days',
      several: shortWeekdays,
    },
    { key: 'from', label: 'From', time: true },
    { key: 'to', label: 'To', time: true },
  ],
});
