import { Temporal } from 'temporal-polyfill';
import type { ZoneTable } from '../time/hours.js';

/**
 * The instant of a wall-clock time in a zone, ms since 1970. Where the clock jumps over the time it is moved forward by as
 * much; where it comes twice, the first is taken.
 *
 * @param local such as `2027-01-12T20:00` (ISO 8601)
 * @param zone a name of the IANA time zone database
 * @returns `null` when either can't be read
 */
export function instantOf(local: string, zone: string): number | null {
  try {
    return Temporal.PlainDateTime.from(local).toZonedDateTime(zone, { disambiguation: 'compatible' })
      .epochMilliseconds;
  } catch {
    return null;
  }
}

/** Whether the IANA time zone database has a zone of that name. */
export const isZone = (zone: string): boolean => instantOf('2026-01-01T00:00', zone) !== null;

/**
 * How far a zone's clocks are ahead of UTC from one instant to another, ms since 1970: for pages, which bring no database of
 * time zones along.
 *
 * @throws RangeError when there is no such zone
 */
export function zoneTable(zone: string, from: number, until: number): ZoneTable {
  const table: [number, number][] = [];
  let at: Temporal.ZonedDateTime | null =
    Temporal.Instant.fromEpochMilliseconds(from).toZonedDateTimeISO(zone);
  while (at && at.epochMilliseconds < until) {
    table.push([at.epochMilliseconds, at.offsetNanoseconds / 1e6]);
    at = at.getTimeZoneTransition('next');
  }
  return table;
}
