import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { readRepeat } from '../time/index.js';
import { isZone } from '../zones/index.js';

/** An event of a calendar file, as a countdown takes it. */
export interface CalendarDate {
  title: string;
  /** When it begins, by the clock on the wall of `zone`, to the minute: `2027-01-12T20:00`. */
  at: string;
  /** A name of the IANA time zone database. */
  zone: string;
  /** How it comes again: an RFC 5545 recurrence rule that a countdown can follow. */
  rule?: string;
}

/** A text that is no calendar file, or one without an event; the message says which, for people. */
export class CalendarError extends Error {}

/** The longest calendar file that is read, in characters. */
export const longestCalendar = 1_000_000;
const mostEvents = 200;

/**
 * The events of a calendar file (iCalendar, RFC 5545) in the order in which they begin. A time in a zone that the IANA
 * database has stays in it; one in another zone, or in UTC, is told by the clocks of `zone`; one in none is taken as
 * theirs.
 *
 * @throws CalendarError when the text is no calendar, is too long, or has no event with a date
 */
export function readCalendar(text: string, zone: string): CalendarDate[] {
  if (text.length > longestCalendar) throw new CalendarError('The file is larger than 1 MB.');
  const calendar = parsed(text);
  const zones = new Map(
    calendar.getAllSubcomponents('vtimezone').map((component) => {
      const own = new ICAL.Timezone(component);
      return [own.tzid, own] as const;
    }),
  );
  const events = calendar
    .getAllSubcomponents('vevent')
    .slice(0, mostEvents)
    .flatMap((event) => dateOf(event, zones, zone) ?? []);
  if (events.length === 0) throw new CalendarError('The file has no event with a date.');
  return events.sort((a, b) => a.at.localeCompare(b.at));
}

function parsed(text: string): ICAL.Component {
  try {
    const read = ICAL.parse(text) as unknown[];
    // Several calendars may stand one after the other (RFC 5545, 3.4); the first counts.
    const whole = new ICAL.Component((typeof read[0] === 'string' ? read : read[0]) as never);
    if (whole.name === 'vcalendar') return whole;
  } catch {
    // What the parser says of it is no sentence for people.
  }
  throw new CalendarError('This is not a calendar file (.ics).');
}

function dateOf(
  event: ICAL.Component,
  zones: ReadonlyMap<string, ICAL.Timezone>,
  zone: string,
): CalendarDate | null {
  const start = event.getFirstProperty('dtstart');
  const time = start?.getFirstValue();
  if (!start || !(time instanceof ICAL.Time)) return null;
  const moment = momentOf(time, String(start.getParameter('tzid') ?? ''), zones, zone);
  if (!moment) return null;
  const rule = event.getFirstPropertyValue('rrule')?.toString();
  const title = event.getFirstPropertyValue('summary')?.toString().trim().slice(0, 200);
  return { title: title || 'Untitled event', ...moment, ...(rule && readRepeat(rule) && { rule }) };
}

function momentOf(
  time: ICAL.Time,
  named: string,
  zones: ReadonlyMap<string, ICAL.Timezone>,
  zone: string,
): Pick<CalendarDate, 'at' | 'zone'> | null {
  const { year, month, day, hour, minute } = time;
  try {
    const local = new Temporal.PlainDateTime(year, month, day, hour, minute);
    const written = (at: Temporal.PlainDateTime) => at.toString({ smallestUnit: 'minute' });
    if (named !== '' && isZone(named)) return { at: written(local), zone: named };
    const own = zones.get(named);
    const isUtc = time.zone === ICAL.Timezone.utcTimezone;
    if (!own && !isUtc) return { at: written(local), zone };
    if (own) time.zone = own;
    const instant = Temporal.Instant.fromEpochMilliseconds(time.toUnixTime() * 1000);
    return { at: written(instant.toZonedDateTimeISO(zone).toPlainDateTime()), zone };
  } catch {
    // A month 13, or a year that no clock has.
    return null;
  }
}
