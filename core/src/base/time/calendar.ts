/** A date to be put into a calendar. */
export interface CalendarEvent {
  title: string;
  /** When it begins, ms since 1970, and how long it lasts, minutes. */
  at: number;
  minutes: number;
}

// A line is at most 75 octets (RFC 5545, 3.1); the next begins with a space.
function folded(line: string): string {
  const bytes = (text: string) => encodeURIComponent(text).replace(/%../g, '_').length;
  const lines = [''];
  for (const sign of line) {
    const last = lines.at(-1) ?? '';
    if (bytes(last + sign) > 74) lines.push(` ${sign}`);
    else lines[lines.length - 1] = last + sign;
  }
  return lines.join('\r\n');
}

const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');
const stamp = (at: number): string => new Date(at).toISOString().slice(0, 19).replace(/[-:]/g, '') + 'Z';

/**
 * An event as a calendar file (iCalendar, RFC 5545). The same event always gives the same text: its moment stands for when it was
 * made, and its id is of its words and its moment.
 */
export function calendarFile({ title, at, minutes }: CalendarEvent): string {
  const name = title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60);
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Sirene//Widgets//EN',
    'BEGIN:VEVENT',
    `UID:${name}-${stamp(at)}@sirene.example`,
    `DTSTAMP:${stamp(at)}`,
    `DTSTART:${stamp(at)}`,
    `DTEND:${stamp(at + minutes * 60_000)}`,
    `SUMMARY:${escaped(title)}`,
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n');
}
