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

// Both are written out, since a copy of a known shape is made several times as fast as one by spreading (bench/traffic).

/** What is known of a visitor who has just come to a page. */
export function visitOf(facts: PageFacts, at: number, memory: Memory, signals: SignalState): PageVisit {
  const { whole, path, pathAndQuery } = placeOf(facts.address);
  return {
    whole,
    path,
    pathAndQuery,
    width: facts.width,
    markers: facts.markers,
    touch: facts.touch,
    language: facts.language,
    types: facts.types,
    ahead: facts.ahead,
    arrivedAt: at,
    now: at,
    memory,
    signals,
  };
}

/** The same visit later on, or with more known of it. */
export const pageWith = (
  page: PageVisit,
  now: number,
  signals = page.signals,
  memory = page.memory,
): PageVisit => ({
  whole: page.whole,
  path: page.path,
  pathAndQuery: page.pathAndQuery,
  width: page.width,
  markers: page.markers,
  touch: page.touch,
  language: page.language,
  types: page.types,
  ahead: page.ahead,
  arrivedAt: page.arrivedAt,
  now,
  memory,
  signals,
});
