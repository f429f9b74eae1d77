import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { zoneTable } from '../zones/index.js';
import { nextRepeat, readRepeat, ruleOf } from './repeat.js';

const zones = ['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'America/Santiago', 'UTC'];
const start = Date.UTC(2026, 0, 1);
const end = Date.UTC(2030, 0, 1);
const tables = new Map(zones.map((zone) => [zone, zoneTable(zone, start, end)]));
const names = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

/** The next date by Temporal alone. */
function byOracle(
  rule: { every: string; interval: number; days: number[] },
  first: Temporal.PlainDateTime,
  zone: string,
  now: number,
): number | null {
  const monday = first.toPlainDate().subtract({ days: first.dayOfWeek - 1 });
  // Every day is looked at, from shortly before the moment that is asked about, for more than a year: of every fourth month
  // it may be eight until one has a 31st again.
  const from = Math.max(
    0,
    Math.floor((now - first.toZonedDateTime('UTC').epochMilliseconds) / 86_400_000) - 2,
  );
  for (let at = from; at < from + 400; at++) {
    const date = first.toPlainDate().add({ days: at });
    const weeks = Math.floor(monday.until(date).total('days') / 7);
    const months = (date.year - first.year) * 12 + date.month - first.month;
    const isOn =
      rule.every === 'day'
        ? at % rule.interval === 0
        : rule.every === 'week'
          ? weeks % rule.interval === 0 &&
            (rule.days.length > 0 ? rule.days.includes(date.dayOfWeek) : date.dayOfWeek === first.dayOfWeek)
          : months % rule.interval === 0 && date.day === first.day;
    if (!isOn) continue;
    const instant = date
      .toPlainDateTime(first.toPlainTime())
      .toZonedDateTime(zone, { disambiguation: 'compatible' }).epochMilliseconds;
    if (instant > now) return instant;
  }
  return null;
}

test('the next date of a rule is the one that Temporal finds, across changes of the clocks', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.constantFrom('DAILY', 'WEEKLY', 'MONTHLY'),
      fc.integer({ min: 1, max: 4 }),
      fc.subarray([1, 2, 3, 4, 5, 6, 7]),
      fc.integer({ min: start, max: start + 3e10 }),
      fc.integer({ min: 0, max: 4e10 }),
      (zone, frequency, interval, days, at, later) => {
        const first = Math.floor(at / 60_000) * 60_000;
        const own = frequency === 'WEEKLY' ? days : [];
        const rule = `FREQ=${frequency};INTERVAL=${interval}${own.length > 0 ? `;BYDAY=${own.map((one) => names[one - 1]).join()}` : ''}`;
        const repeat = readRepeat(rule);
        if (!repeat) throw new Error(rule);
        expect(readRepeat(ruleOf(repeat))).toEqual(repeat);
        const local = Temporal.Instant.fromEpochMilliseconds(first)
          .toZonedDateTimeISO('UTC')
          .toPlainDateTime();
        expect(nextRepeat(repeat, first, tables.get(zone) ?? [], first + later)).toBe(
          byOracle(repeat, local, zone, first + later),
        );
      },
    ),
    { numRuns: 1500 },
  );
});

test.each([
  'FREQ=YEARLY',
  'FREQ=WEEKLY;BYDAY=XX',
  'FREQ=DAILY;BYDAY=MO',
  'FREQ=WEEKLY;INTERVAL=0',
  'FREQ=WEEKLY;COUNT=many',
  'FREQ=WEEKLY;UNTIL=soon',
  'FREQ=WEEKLY;BYSETPOS=1',
  '',
])('%j is no rule for a countdown', (rule) => {
  expect(readRepeat(rule)).toBeNull();
});

test('a rule ends by its count, or with its last date', () => {
  const first = Date.UTC(2026, 0, 2, 20);
  const next = (rule: string, weeks: number) =>
    nextRepeat(readRepeat(rule) as never, first, [[0, 0]], first + weeks * 7 * 86_400_000 - 1);
  expect(next('FREQ=WEEKLY;COUNT=3', 2)).toBe(first + 2 * 7 * 86_400_000);
  expect(next('FREQ=WEEKLY;COUNT=3', 3)).toBeNull();
  expect(next('FREQ=WEEKLY;UNTIL=20260110', 1)).toBe(first + 7 * 86_400_000);
  expect(next('FREQ=WEEKLY;UNTIL=20260110', 2)).toBeNull();
});
