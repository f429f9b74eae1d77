import type { Deed, Signal } from '../signal.js';

/** The visitor has scrolled: to a share of the page, 0 to 1. */
export interface Scrolled {
  share: number;
}

export const scroll: Signal<
  Scrolled,
  { /** The deepest share of the page reached, 0 to 1. */ scrolled: number }
> = {
  start: { scrolled: 0 },
  happened: ({ scrolled }, { share }) => ({ scrolled: Math.max(scrolled, share) }),
};

export const scrollDeed: Deed<Scrolled> = {
  by: 'share',
  label: 'Scroll depth',
  detail: (share) => ({ share }),
};
