import fc from 'fast-check';
import { calendarFile } from '../time/index.js';
import { readCalendar, CalendarError, longestCalendar } from './index.js';

const file = (...lines: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Moor//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:1@x.example', ...lines, 'END:VEVENT'];

const offices = [
  'BEGIN:VTIMEZONE',
  'TZID:Office hours',
  'BEGIN:STANDARD',
  'DTSTART:19701025T030000',
  'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
  'TZOFFSETFROM:+0200',
  'TZOFFSETTO:+0100',
  'END:STANDARD',
  'BEGIN:DAYLIGHT',
  'DTSTART:19700329T020000',
  'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
  'TZOFFSETFROM:+0100',
  'TZOFFSETTO:+0200',
  'END:DAYLIGHT',
  'END:VTIMEZONE',
];

test.each<[string, string, object]>([
  [
    'in a zone by its name',
    file(...event('SUMMARY:Meteor night', 'DTSTART;TZID=Europe/Berlin:20271213T210000')),
    { title: 'Meteor night', at: '2027-12-13T21:00', zone: 'Europe/Berlin' },
  ],
  [
    'in UTC, in summer',
    file(...event('SUMMARY:Dome', 'DTSTART:20270701T190000Z')),
    { title: 'Dome', at: '2027-07-01T20:00', zone: 'Europe/London' },
  ],
  [
    'in a zone that the file brings along',
    file(...offices, ...event('SUMMARY:Dome', 'DTSTART;TZID=Office hours:20270701T210000')),
    { title: 'Dome', at: '2027-07-01T20:00', zone: 'Europe/London' },
  ],
  [
    'in a zone that nobody knows: by the site’s clocks',
    file(...event('DTSTART;TZID=Moor/Dome:20270701T210000')),
    { title: 'Untitled event', at: '2027-07-01T21:00', zone: 'Europe/London' },
  ],
  [
    'of a whole day',
    file(...event('SUMMARY:A day', 'DTSTART;VALUE=DATE:20271224')),
    { title: 'A day', at: '2027-12-24T00:00', zone: 'Europe/London' },
  ],
  [
    'that comes every week',
    file(...event('SUMMARY:Evening', 'DTSTART:20271224T180000', 'RRULE:FREQ=WEEKLY;BYDAY=FR')),
    { title: 'Evening', at: '2027-12-24T18:00', zone: 'Europe/London', rule: 'FREQ=WEEKLY;BYDAY=FR' },
  ],
  [
    'that comes by a rule no countdown follows: its first date',
    file(...event('SUMMARY:Odd', 'DTSTART:20271224T180000', 'RRULE:FREQ=YEARLY;BYWEEKNO=20')),
    { title: 'Odd', at: '2027-12-24T18:00', zone: 'Europe/London' },
  ],
])('a date %s', (_, text, expected) => {
  expect(readCalendar(text, 'Europe/London')).toEqual([expected]);
});

test('several events come in the order in which they begin; one without a date is left out', () => {
  const text = file(
    ...event('SUMMARY:Later', 'DTSTART:20280101T000000'),
    ...event('SUMMARY:None'),
    ...event('SUMMARY:Sooner', 'DTSTART:20270101T000000'),
  );
  expect(readCalendar(text, 'UTC').map(({ title }) => title)).toEqual(['Sooner', 'Later']);
});

test.each<[string, string, RegExp]>([
  ['nothing', '', /not a calendar file/],
  ['a page', '<!doctype html><p>BEGIN:VCALENDAR', /not a calendar file/],
  ['a card', 'BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Ada\r\nEND:VCARD\r\n', /not a calendar file/],
  ['half a file', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:2027', /not a calendar file|no event/],
  ['no event', file(), /no event with a date/],
  ['too much', file('X-LONG:'.padEnd(longestCalendar + 1, 'x')), /larger than 1 MB/],
])('of %s it says why', (_, text, message) => {
  expect(() => readCalendar(text, 'UTC')).toThrow(message);
});

test('what a widget offers for calendars is read back to the minute', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 4_000_000_000 }),
      fc.string({ maxLength: 60 }),
      (seconds, title) => {
        const at = Math.floor(seconds / 60) * 60_000;
        const [read] = readCalendar(calendarFile({ title, at, minutes: 30 }), 'UTC');
        expect(read?.at).toBe(new Date(at).toISOString().slice(0, 16));
      },
    ),
  );
});

test('whatever is given, it is read or refused in words', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.constantFrom(...offices, ...event('DTSTART:20270101'), 'BEGIN:VCALENDAR', 'END:VCALENDAR', 'x'),
      ),
      (lines) => {
        try {
          readCalendar(lines.join('\n'), 'UTC');
        } catch (error) {
          expect(error).toBeInstanceOf(CalendarError);
        }
      },
    ),
    { numRuns: 500 },
  );
});
