import { placeOf, type Place } from './address.js';
import type { PageFacts } from './facts.js';
import type { Memory } from './memory.js';
import type { SignalState } from './signals/registry.js';

/**
 * What is known of the page a visitor is on, of what they did there, and of what is remembered of them. Times in ms since the
 * epoch.
 */
export interface PageVisit extends Place, Omit<PageFacts, 'address' | 'from' | 'campaign'> {
  arrivedAt: number;
  now: number;
  memory: Memory;
  signals: SignalState;
}

/** What is known of a visitor who has just come to a page. */
export function visitOf(facts: PageFacts, at: number, memory: Memory, signals: SignalState): PageVisit {
  const { whole, path, pathAndQuery } = placeOf(facts.address);
  const { width, markers, touch, language, types, ahead } = facts;
  // Written out, so that it is of one known shape: copies of it are made several times as fast (bench/traffic).
  return {
    whole,
    path,
    pathAndQuery,
    width,
    markers,
    touch,
    language,
    types,
    ahead,
    arrivedAt: at,
    now: at,
    memory,
    signals,
  };
}
