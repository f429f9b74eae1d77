import { openAt, spanStarts } from '../../base/time/index.js';
import type { ScheduleRules } from '../../behaviour/index.js';

/**
 * Whether two schedules allow their widgets at one moment, from now on. Hours of the week come again each week, so that a week after
 * both have begun tells; what begins together begins where one of them does.
 */
export function scheduledTogether(
  a: ScheduleRules | undefined,
  b: ScheduleRules | undefined,
  now: number,
): boolean {
  const both = [a ?? {}, b ?? {}];
  const base = Math.max(now, ...both.map(({ from = -Infinity }) => from));
  const until = Math.min(...both.map(({ until: end = Infinity }) => end));
  const starts = both.flatMap(({ hours, table = [] }) => (hours ? spanStarts(hours, table, base) : []));
  return [base, ...starts]
    .filter((at) => at >= base && at < until)
    .some((at) => both.every(({ hours, table = [] }) => !hours || openAt(hours, table, at)));
}
