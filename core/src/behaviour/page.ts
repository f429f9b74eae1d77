import type { Place } from './address.js';
import type { PageFacts } from './facts.js';
import type { Memory } from './memory.js';
import type { SignalState } from './signals/registry.js';

/**
 * What is known of the page a visitor is on, of what they did there, and of what is remembered of them. Times in ms since the
 * epoch.
 */
export interface PageVisit extends Place, SignalState, Omit<PageFacts, 'address' | 'from' | 'campaign'> {
  arrivedAt: number;
  now: number;
  memory: Memory;
}
