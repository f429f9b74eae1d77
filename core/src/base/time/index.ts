export { calendarFile } from './calendar.js';
export { hoursWords } from './hours-words.js';
export { nextRepeat, readRepeat, ruleOf, type Repeat } from './repeat.js';
export { dayMs, shortWeekdays } from './weekdays.js';
export { aheadAt, instantIn, minuteMs, openAt, spanStarts, type HoursRow, type ZoneTable } from './hours.js';

import { dayMs } from './weekdays.js';

/** The units a countdown may show, largest first. */
export const countUnits = ['days', 'hours', 'minutes', 'seconds'] as const;
export type CountUnit = (typeof countUnits)[number];

const lengths: Record<CountUnit, number> = {
  days: dayMs,
  hours: 3_600_000,
  minutes: 60_000,
  seconds: 1000,
};

/**
 * Splits what is left until an instant into the units shown; the smallest is rounded up, so that a clock that says 0 is
 * over. All are 0 once the instant has passed.
 *
 * @param left ms
 */
export function timeLeft(left: number, units: readonly CountUnit[]): Partial<Record<CountUnit, number>> {
  const shown = countUnits.filter((unit) => units.includes(unit));
  const smallest = lengths[shown.at(-1) ?? 'seconds'];
  let rest = Math.max(0, Math.ceil(left / smallest) * smallest);
  return Object.fromEntries(
    shown.map((unit) => {
      const count = Math.floor(rest / lengths[unit]);
      rest -= count * lengths[unit];
      return [unit, count];
    }),
  );
}
