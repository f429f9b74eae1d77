import { nextChange, openAt, type HoursRow, type ZoneTable } from '../base/time/hours.js';

/** When a widget may appear at all, as its designer set it: by the clocks of one zone. */
export interface Schedule {
  /** A name of the IANA time zone database. */
  zone: string;
  /** The first and the last moment, as the clock on the wall shows them, such as `2027-01-12T20:00`. */
  from?: string;
  until?: string;
  /** Hours of the week; any time where there are none. */
  hours: HoursRow[];
}

/** A schedule as pages get it: instants, ms since the epoch, and the clocks of its zone. */
export interface ScheduleRules {
  from?: number;
  until?: number;
  hours?: HoursRow[];
  table?: ZoneTable;
}

/** Why a widget may not appear at a moment: its time has not come, has passed, or it is another hour of the week. */
export type OffSchedule = 'early' | 'late' | 'hours';

/** What a schedule says of a moment, `null` where it allows it. */
export function offSchedule(
  { from = -Infinity, until = Infinity, hours, table = [] }: ScheduleRules,
  now: number,
): OffSchedule | null {
  if (now < from) return 'early';
  if (now >= until) return 'late';
  return hours && !openAt(hours, table, now) ? 'hours' : null;
}

/** The next moment at which a schedule allows or forbids something else, ms since the epoch; `Infinity` where there is none. */
export function scheduleChange(
  { from = Infinity, until = Infinity, hours, table = [] }: ScheduleRules,
  now: number,
): number {
  const changes = [from, until, hours ? nextChange(hours, table, now) : Infinity];
  return Math.min(...changes.filter((at) => at > now), Infinity);
}
