import { readCalendar } from '@sirene/core/base/calendar';
import { calendarFile, type CalendarEvent } from './calendar-file.js';

const event: CalendarEvent = {
  id: 'd_1',
  title: 'Evening; at the dome, with “stars”',
  when: '2027-01-12 19:30',
  zone: 'Europe/London',
  organiser: 'Larkmoor Observatory',
  now: Date.UTC(2026, 10, 24, 12),
};
const fileOf = (changes: Partial<CalendarEvent> = {}) => calendarFile({ ...event, ...changes });

test('another library reads the title and the time, by the clocks of the site', async () => {
  const summer = (await fileOf({ when: '2027-07-12 19:30' })) ?? '';
  expect(summer).toContain('DTSTART:20270712T183000Z');
  expect(readCalendar(summer, 'Europe/London')).toMatchObject([
    { title: event.title, at: '2027-07-12T19:30', zone: 'Europe/London' },
  ]);
});

test('a day without a time is the whole of it', async () => {
  const file = (await fileOf({ when: ' 2027-12-31 ' })) ?? '';
  expect(file).toContain('DTSTART;VALUE=DATE:20271231');
  expect(file).toContain('DTEND;VALUE=DATE:20280101');
  expect(file).toContain('UID:d_1@sirene');
});

test('a title of several lines is one property, not more', async () => {
  const file = (await fileOf({ title: 'A\r\nATTENDEE:mailto:x@y.example' })) ?? '';
  expect(file).not.toMatch(/^ATTENDEE/m);
  expect(readCalendar(file, 'UTC')).toHaveLength(1);
});

test.each(['', 'soon', '2027-02-30', '2027-01-12 25:00', '12.1.2027', '2027-01-12 19:30 and more'])(
  'no file is made of %j',
  async (when) => {
    expect(await fileOf({ when })).toBeNull();
  },
);
