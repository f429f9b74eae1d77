import type { Place } from './address.js';
import type { SignalState } from './signals/registry.js';

/** What is known of the page a visitor is on, and of what they did there. Times in ms since the epoch. */
export interface PageVisit extends Place, SignalState {
  arrivedAt: number;
  now: number;
  /** Window width in px. */
  width: number;
  /** Pages seen in this visit, this one included. */
  pagesSeen: number;
  /** Visits so far, this one included. */
  visits: number;
}
