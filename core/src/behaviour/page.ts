import type { Place } from './address.js';

/** What is known of the page a visitor is on, and of what they did there. Times in ms since the epoch. */
export interface PageVisit extends Place {
  arrivedAt: number;
  now: number;
  /** The deepest point reached, as a share of the page, 0 to 1. */
  scrolled: number;
  /** Whether the visitor made to leave. */
  leaving: boolean;
  /** Window width in px. */
  width: number;
  /** Pages seen in this visit, this one included. */
  pagesSeen: number;
  /** Visits so far, this one included. */
  visits: number;
}
