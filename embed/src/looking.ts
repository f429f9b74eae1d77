import type { Mounted } from './mount.ts';
import { count, writeCounts, type Going } from './parts/countdown.ts';
import type { TickingClock } from './parts/part.ts';

/** For those who only look: nothing is kept, and a time of one's own has just begun, whatever the clock is moved to. */
function looking(clock: TickingClock, since: number): Going {
  const starts = { read: () => ({ '': since }), write: () => {} };
  return { clock, nameOf: () => '', starts, visitAt: () => since };
}

/** Keeps the countdowns of a widget going for somebody who only looks. @returns what stops them */
export const lookOn = (mounted: Mounted, clock: TickingClock): (() => void) =>
  count(mounted, clock, looking(clock, Date.now()));

/** Writes what a widget's countdowns say at a time, ms since the epoch. @returns those that are over */
export const lookAt = (mounted: Pick<Mounted, 'box'>, now: number): HTMLElement[] =>
  writeCounts(mounted, now, looking({ now: () => now, at: () => () => {} }, now));
