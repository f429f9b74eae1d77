import { listed } from '../measure/listed.js';
import type { HoursRow } from './hours.js';
import { weekdayNames } from './weekdays.js';

/**
 * Hours as people say them.
 *
 * @example hoursWords({ days: [3, 4, 5, 6, 7], from: '16:00', to: '23:00' }) // 'Wednesday to Sunday, 16:00 to 23:00'
 */
export function hoursWords({ days, from, to }: HoursRow): string {
  const whole = from === '00:00' && to === '24:00';
  if (whole) return daysWords(days);
  return days.length === 7 ? `${from} to ${to} every day` : `${daysWords(days)}, ${from} to ${to}`;
}

function daysWords(days: readonly number[]): string {
  const sorted = [...days].sort((a, b) => a - b);
  if (sorted.length === 7) return 'every day';
  const runs: number[][] = [];
  for (const day of sorted) {
    const last = runs.at(-1);
    if (last && last.at(-1) === day - 1) last.push(day);
    else runs.push([day]);
  }
  const name = (day: number) => weekdayNames[day - 1] ?? '';
  return listed(
    runs.flatMap((run) =>
      run.length > 2 ? [`${name(run[0] ?? 1)} to ${name(run.at(-1) ?? 1)}`] : run.map(name),
    ),
    'and',
  );
}
