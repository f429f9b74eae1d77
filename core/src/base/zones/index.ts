import { Temporal } from 'temporal-polyfill';

/**
 * The instant of a wall-clock time in a zone, ms since 1970. Where the clock jumps over the time it is the moment after
 * the jump; where it comes twice, the first.
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
