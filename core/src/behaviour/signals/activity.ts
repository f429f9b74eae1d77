import type { Deed, Signal } from '../signal.js';

/** The visitor moves, presses, types or scrolls; told at most once a second. */
export const activity: Signal<
  object,
  { /** When the visitor last did something here, ms since the epoch. */ activeAt: number }
> = {
  start: { activeAt: 0 },
  happened: (_, __, at) => ({ activeAt: at }),
};

export const activityDeed: Deed<object> = { by: 'press', label: 'Activity', detail: {} };
