import { instantIn, type ZoneTable } from './hours.js';
import { dayMs, weekdayOf } from './weekdays.js';

/** A date that comes again: the part of RFC 5545's recurrence rules (3.3.10) that a countdown needs. */
export interface Repeat {
  every: 'day' | 'week' | 'month';
  interval: number;
  /** Of weeks: on these days; Monday is 1. The day of the first date where there are none. */
  days: number[];
  /** How often in all; without end where neither is said. */
  count?: number;
  /** The last date, as if its wall-clock time were UTC, ms. */
  until?: number;
}

const names = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
const frequencies = { DAILY: 'day', WEEKLY: 'week', MONTHLY: 'month' } as const;
/** So many dates are looked at for the next: a rule that has none for so long has none. */
const most = 20_000;

/**
 * Reads a recurrence rule, such as `FREQ=WEEKLY;BYDAY=FR`.
 *
 * @returns `null` for what is no rule, or one that is more than a countdown needs
 */
export function readRepeat(rule: string): Repeat | null {
  const parts = new Map(rule.split(';').map((part) => part.split('=') as [string, string | undefined]));
  const every = frequencies[parts.get('FREQ') as keyof typeof frequencies] as Repeat['every'] | undefined;
  const interval = Number(parts.get('INTERVAL') ?? 1);
  const days = (parts.get('BYDAY') ?? '')
    .split(',')
    .filter(Boolean)
    .map((name) => names.indexOf(name) + 1);
  const known = new Set(['FREQ', 'INTERVAL', 'BYDAY', 'COUNT', 'UNTIL']);
  if (!every || ![...parts.keys()].every((key) => known.has(key))) return null;
  if (!Number.isInteger(interval) || interval < 1 || interval > 1000) return null;
  if (days.includes(0) || (days.length > 0 && every !== 'week')) return null;
  const count = parts.has('COUNT') ? Number(parts.get('COUNT')) : undefined;
  if (count !== undefined && (!Number.isInteger(count) || count < 1 || count > 10_000)) return null;
  const until = parts.has('UNTIL') ? untilIn(parts.get('UNTIL') ?? '') : undefined;
  if (until === null) return null;
  return {
    every,
    interval,
    days,
    ...(count !== undefined && { count }),
    ...(until !== undefined && { until }),
  };
}

/** A recurrence rule as it is written (RFC 5545, 3.3.10). */
export function ruleOf({ every, interval, days, count, until }: Repeat): string {
  const frequency = Object.entries(frequencies).find(([, name]) => name === every)?.[0] ?? 'WEEKLY';
  return [
    `FREQ=${frequency}`,
    ...(interval > 1 ? [`INTERVAL=${interval}`] : []),
    ...(days.length > 0 ? [`BYDAY=${days.map((one) => names[one - 1]).join()}`] : []),
    ...(count !== undefined ? [`COUNT=${count}`] : []),
    ...(until !== undefined
      ? [`UNTIL=${new Date(until).toISOString().slice(0, 19).replace(/[-:]/g, '')}`]
      : []),
  ].join(';');
}

function untilIn(text: string): number | null {
  const [, year, month, date, hour = '23', minute = '59', second = '59'] =
    /^(\d{4})(\d\d)(\d\d)(?:T(\d\d)(\d\d)(\d\d)Z?)?$/.exec(text) ?? [];
  const at = Date.UTC(
    Number(year),
    Number(month) - 1,
    Number(date),
    Number(hour),
    Number(minute),
    Number(second),
  );
  return Number.isNaN(at) ? null : at;
}

/**
 * The next instant at which a repeated date comes, after `now`.
 *
 * @param first the first date, as if its wall-clock time were UTC, ms
 * @returns ms since 1970; `null` once there is none any more
 */
export function nextRepeat(repeat: Repeat, first: number, table: ZoneTable, now: number): number | null {
  let seen = 0;
  for (const local of dates(repeat, first)) {
    if (repeat.until !== undefined && local > repeat.until) return null;
    if (repeat.count !== undefined && ++seen > repeat.count) return null;
    const at = instantIn(table, local);
    if (at > now) return at;
  }
  return null;
}

/** The dates of a rule in turn, from the first on, as if their wall-clock times were UTC. */
function* dates({ every, interval, days }: Repeat, first: number): Generator<number> {
  const time = ((first % dayMs) + dayMs) % dayMs;
  const start = first - time;
  if (every === 'month') {
    const from = new Date(first);
    for (let at = 0; at < most; at++) {
      const next = new Date(
        Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + at * interval, from.getUTCDate()),
      );
      // A month that has no such day is left out (RFC 5545, 3.3.10).
      if (next.getUTCDate() === from.getUTCDate()) yield next.getTime() + time;
    }
    return;
  }
  const weekday = weekdayOf(start / dayMs);
  const wanted = every === 'week' ? (days.length > 0 ? [...days].sort((a, b) => a - b) : [weekday]) : [0];
  const base = every === 'week' ? start - (weekday - 1) * dayMs : start;
  const step = (every === 'week' ? 7 : 1) * interval * dayMs;
  for (let at = 0; at < most; at++)
    for (const one of wanted) {
      const local = base + at * step + (one > 0 ? one - 1 : 0) * dayMs + time;
      if (local >= first) yield local;
    }
}
