import { dayOf } from '@sirene/core/form';
import { instantOf } from '@sirene/core/base/zones';

/** Something that is to be, as a calendar takes it. */
export interface CalendarEvent {
  /** The same at each try, so that a calendar has it once. */
  id: string;
  title: string;
  /** A day, or a day and a time by the clocks of `zone`: `2027-01-12`, `2027-01-12 19:30`. */
  when: string;
  /** A name of the IANA time zone database. */
  zone: string;
  organiser: string;
  /** When the file is made, ms since 1970. */
  now: number;
}

/** How long something lasts that has a time and no end, hours. */
const hours = 2;

const pattern = /^(\d{4}-\d\d-\d\d)(?:[ T](\d\d:\d\d))?$/;

/** An event as a calendar file (iCalendar, RFC 5545); `null` where it has no day that there is. */
export async function calendarFile({
  id,
  title,
  when,
  zone,
  organiser,
  now,
}: CalendarEvent): Promise<string | null> {
  const [, day, time] = pattern.exec(when.trim()) ?? [];
  if (day === undefined || Number.isNaN(dayOf(day))) return null;
  const at = time === undefined ? null : instantOf(`${day}T${time}`, zone);
  if (time !== undefined && at === null) return null;
  // Loaded with the first: few mails have one.
  const { createEvent } = await import('ics');
  const event = {
    uid: `${id}@sirene`,
    productId: 'Sirene',
    method: 'PUBLISH',
    title,
    description: organiser,
    timestamp: now,
  };
  const { value = null } = createEvent(
    at === null
      ? // The whole day is until the next begins (RFC 5545, 3.6.1).
        { ...event, start: dateParts(dayOf(day)), end: dateParts(dayOf(day) + 1) }
      : { ...event, start: at, startInputType: 'utc', startOutputType: 'utc', duration: { hours } },
  );
  return value;
}

/** A day, by days since 1970, as its year, month and day. */
function dateParts(day: number): [year: number, month: number, day: number] {
  const date = new Date(day * 86_400_000);
  return [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
}
