import { dayMs, nextRepeat, readRepeat } from '../../base/time/index.js';
import { instantOf, zoneTable } from '../../base/zones/index.js';
import type { Element } from './registry.js';

type Countdown = Pick<Extract<Element, { type: 'countdown' }>, 'goal' | 'until' | 'zone' | 'lasts' | 'rule'>;

const known = 10 * 366 * dayMs;

/**
 * When a countdown ends for a visitor who first sees it now: its date, the next of those that come again, or a time of
 * the visitor's own from now on.
 *
 * @param now ms since 1970
 * @returns ms since 1970; `null` where there is no such date, or none any more
 */
export function countdownEnd(
  { goal, until, zone, lasts = 20, rule = '' }: Countdown,
  now: number,
): number | null {
  if (goal === 'own') return now + lasts * 60_000;
  const at = instantOf(until, zone);
  const first = instantOf(until, 'UTC');
  if (goal !== 'repeat' || at === null || first === null) return at;
  const repeat = readRepeat(rule);
  return repeat && nextRepeat(repeat, first, zoneTable(zone, at - dayMs, at + known), now);
}
