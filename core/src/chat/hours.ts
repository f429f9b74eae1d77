import { aheadAt, minuteMs, minutesOf, openAt, type HoursRow, type ZoneTable } from '../base/time/hours.js';

/** A date on which a desk has other hours than its week says. */
export interface ChatException {
  /** `YYYY-MM-DD` by the clocks of the zone. */
  on: string;
  /** Open from and to, `HH:MM`; closed all day where they are not said. */
  from?: string;
  to?: string;
}

/** How a desk stands: somebody is there, nobody is at the moment, or it is outside its hours. */
export type DeskState = 'here' | 'away' | 'closed';

/** When somebody answers. */
export interface ChatHours {
  /** Of the week; at any time where there are none. */
  rows: readonly HoursRow[];
  except: readonly ChatException[];
}

/**
 * Whether a desk is open at an instant. A date that is an exception follows the exceptions alone; several of one date add up.
 *
 * @param table the clocks of the hours’ zone around the instant
 * @param now ms since 1970
 * @example deskOpen({ rows: [], except: [{ on: '2026-12-25' }] }, table, noonOfChristmas) // false
 */
export function deskOpen({ rows, except }: ChatHours, table: ZoneTable, now: number): boolean {
  const local = now + aheadAt(table, now);
  const date = new Date(local).toISOString().slice(0, 10);
  const today = except.filter(({ on }) => on === date);
  if (today.length === 0) return rows.length === 0 || openAt(rows, table, now);
  const minutes = (local - Date.parse(date)) / minuteMs;
  return today.some(
    ({ from, to }) =>
      from !== undefined && to !== undefined && minutesOf(from) <= minutes && minutes < minutesOf(to),
  );
}
