import { dayMs, weekdayOf } from './weekdays.js';

/** Hours of some days of the week. */
export interface HoursRow {
  /** Monday is 1, Sunday 7 (ISO 8601). */
  days: number[];
  /** `HH:MM` on a 24-hour clock; the end is counted out, and may be `24:00`. */
  from: string;
  to: string;
}

/**
 * How far the clocks of a zone are ahead of UTC: each entry from its instant until the next, both in ms. What stands in a widget's
 * rules, so that a page needs no time zone database.
 */
export type ZoneTable = readonly (readonly [at: number, ahead: number])[];

export const minuteMs = 60_000;

/** @example minutesOf('16:30') // 990 */
export const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

/**
 * The instant of a wall-clock time, ms since 1970, by the rules of Temporal's `compatible`: a time that the clocks jump over is
 * moved forward by as much, of one that comes twice the first is taken.
 *
 * @param local the wall-clock time as if it were UTC, ms
 */
export function instantIn(table: ZoneTable, local: number): number {
  for (const [at, [, ahead]] of table.entries()) {
    const instant = local - ahead;
    const next = table[at + 1];
    // Before the next change, or in the jump that it makes: the time of this side counts.
    if (!next || instant < next[0] || local - next[1] < next[0]) return instant;
  }
  return local;
}

/** Whether the hours are on, at an instant. */
export function openAt(rows: readonly HoursRow[], table: ZoneTable, now: number): boolean {
  return spans(rows, table, now, 1).some(([start, end]) => start <= now && now < end);
}

/** The next instant at which they begin or end; `Infinity` where they never do. */
export function nextChange(rows: readonly HoursRow[], table: ZoneTable, now: number): number {
  return Math.min(
    ...spans(rows, table, now, 8)
      .flat()
      .filter((at) => at > now),
    Infinity,
  );
}

/** The instants at which the hours begin, from the day before an instant to eight days after it. */
export const spanStarts = (rows: readonly HoursRow[], table: ZoneTable, now: number): number[] =>
  spans(rows, table, now, 8).map(([start]) => start);

/** The spans of hours around an instant, from the day before on for some days. */
function spans(rows: readonly HoursRow[], table: ZoneTable, now: number, days: number): [number, number][] {
  const today = Math.floor((now + aheadAt(table, now)) / dayMs);
  const found: [number, number][] = [];
  for (let date = today - 1; date <= today + days; date++)
    for (const { days: weekdays, from, to } of rows)
      if (weekdays.includes(weekdayOf(date)))
        found.push([
          instantIn(table, date * dayMs + minutesOf(from) * minuteMs),
          instantIn(table, date * dayMs + minutesOf(to) * minuteMs),
        ]);
  return found;
}

/** How far the clocks are ahead of UTC at an instant, ms. */
export function aheadAt(table: ZoneTable, now: number): number {
  let ahead = table[0]?.[1] ?? 0;
  for (const [at, next] of table) if (at <= now) ahead = next;
  return ahead;
}
