import type { TickingClock } from '@sirene/embed/parts/part';

/** A clock that goes like the designer's own, so much ahead of it or behind, ms. */
export function shiftedClock(by: number, now: () => number = Date.now): TickingClock {
  const clock: TickingClock = {
    now: () => now() + by,
    at(time, call) {
      const timer = setTimeout(call, time - clock.now());
      return () => clearTimeout(timer);
    },
  };
  return clock;
}

/** An instant as a field for date and time wants it, in the zone of whoever looks at it. */
export function localMoment(at: number): string {
  const date = new Date(at);
  return new Date(at - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
}
