import { calendarFile } from './calendar.js';

const at = Date.UTC(2026, 11, 13, 21);

test('an event is a calendar file of one event', () => {
  expect(calendarFile({ title: 'Meteor night', at, minutes: 90 }).split('\r\n')).toEqual([
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Sirene//Widgets//EN',
    'BEGIN:VEVENT',
    'UID:meteor-night-20261213T210000Z@sirene.example',
    'DTSTAMP:20261213T210000Z',
    'DTSTART:20261213T210000Z',
    'DTEND:20261213T223000Z',
    'SUMMARY:Meteor night',
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ]);
});

test('what a title holds stays part of it, and no line is longer than it may be', () => {
  const file = calendarFile({ title: `A; b, c\\d\nEND:VEVENT ${'ä'.repeat(90)}`, at, minutes: 1 });
  expect(file).toContain('SUMMARY:A\\; b\\, c\\\\d\\nEND:VEVENT');
  for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  expect(file.replaceAll('\r\n ', '')).toContain('ä'.repeat(90));
});
