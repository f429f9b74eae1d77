import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { zoneTable } from '../zones/index.js';
import { instantIn, nextChange, openAt, type HoursRow } from './hours.js';
import { hoursWords } from './hours-words.js';

// Of both halves of the world, with half and quarter hours, a change by half an hour, at midnight, and none at all.
const zones = [
  'Europe/London',
  'America/New_York',
  'Australia/Lord_Howe',
  'Asia/Kathmandu',
  'America/Santiago',
  'Africa/Cairo',
  'Asia/Tokyo',
  'UTC',
];
const start = Date.UTC(2026, 0, 1);
const end = Date.UTC(2029, 0, 1);
const tables = new Map(zones.map((zone) => [zone, zoneTable(zone, start - 3e8, end + 3e8)]));
const tableOf = (zone: string) => tables.get(zone) ?? [];
const zone = fc.constantFrom(...zones);
const instant = fc.integer({ min: start, max: end });
// Most that goes wrong goes wrong around a change of the clocks.
const near = zone.chain((name) => {
  const changes = tableOf(name)
    .slice(1)
    .map(([at]) => at)
    .filter((at) => at > start && at < end);
  const around =
    changes.length > 0
      ? fc.tuple(fc.constantFrom(...changes), fc.integer({ min: -9e7, max: 9e7 })).map(([at, by]) => at + by)
      : instant;
  return fc.tuple(fc.constant(name), fc.oneof(instant, around));
});

/** What Temporal says of a wall-clock time, ms. */
const oracle = (local: Temporal.PlainDateTime, name: string) =>
  local.toZonedDateTime(name, { disambiguation: 'compatible' }).epochMilliseconds;

test('a wall-clock time is the instant that Temporal says, around every change of the clocks', () => {
  fc.assert(
    fc.property(near, ([name, at]) => {
      const local = Temporal.Instant.fromEpochMilliseconds(at).toZonedDateTimeISO('UTC').toPlainDateTime();
      expect(instantIn(tableOf(name), at)).toBe(oracle(local, name));
    }),
    { numRuns: 10_000 },
  );
});

const times = fc
  .tuple(fc.integer({ min: 0, max: 1439 }), fc.integer({ min: 1, max: 1440 }))
  .filter(([from, to]) => from < to);
const text = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const row = fc
  .tuple(fc.subarray([1, 2, 3, 4, 5, 6, 7], { minLength: 1 }), times)
  .map(([days, [from, to]]): HoursRow => ({ days, from: text(from), to: text(to) }));

/** Whether hours are on, by Temporal alone: the days around are each asked for their span. */
function openByOracle(rows: readonly HoursRow[], name: string, at: number): boolean {
  const today = Temporal.Instant.fromEpochMilliseconds(at).toZonedDateTimeISO(name).toPlainDate();
  return [-1, 0, 1].some((days) => {
    const date = today.add({ days });
    return rows.some(({ days: weekdays, from, to }) => {
      if (!weekdays.includes(date.dayOfWeek)) return false;
      const begins = oracle(date.toPlainDateTime(from), name);
      const ends =
        to === '24:00'
          ? oracle(date.add({ days: 1 }).toPlainDateTime('00:00'), name)
          : oracle(date.toPlainDateTime(to), name);
      return begins <= at && at < ends;
    });
  });
}

test('weekly hours are on when Temporal says that they are', () => {
  fc.assert(
    fc.property(fc.array(row, { maxLength: 3 }), near, (rows, [name, at]) => {
      expect(openAt(rows, tableOf(name), at)).toBe(openByOracle(rows, name, at));
    }),
    { numRuns: 10_000 },
  );
});

test('until the next change they stay as they are, and there is always one within eight days', () => {
  fc.assert(
    fc.property(row, near, fc.double({ min: 0, max: 1, noNaN: true }), (hours, [name, at], share) => {
      const change = nextChange([hours], tableOf(name), at);
      expect(change).toBeGreaterThan(at);
      expect(change - at).toBeLessThanOrEqual(8 * 86_400_000 + 7_200_000);
      const between = at + Math.floor((change - 1 - at) * share);
      expect(openAt([hours], tableOf(name), between)).toBe(openAt([hours], tableOf(name), at));
    }),
    { numRuns: 3000 },
  );
});

test('no hours never change', () => {
  expect(nextChange([], tableOf('UTC'), start)).toBe(Infinity);
  expect(() => zoneTable('Europe/Atlantis', start, end)).toThrow(RangeError);
});

test.each([
  [{ days: [3, 4, 5, 6, 7], from: '16:00', to: '23:00' }, 'Wednesday to Sunday, 16:00 to 23:00'],
  [{ days: [1, 2, 3, 4, 5, 6, 7], from: '00:00', to: '24:00' }, 'every day'],
  [{ days: [6, 7], from: '10:00', to: '12:30' }, 'Saturday and Sunday, 10:00 to 12:30'],
  [{ days: [7, 1, 3], from: '09:00', to: '10:00' }, 'Monday, Wednesday and Sunday, 09:00 to 10:00'],
])('%j reads %s', (hours, words) => {
  expect(hoursWords(hours)).toBe(words);
});
