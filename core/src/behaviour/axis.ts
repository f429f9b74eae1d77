import type { Memory } from './memory.js';
import { ordinal } from './ordinal.js';
import type { PageVisit } from './page.js';
import type { SignalState } from './signals/registry.js';

/** One thing that a visitor may be. */
export interface AxisValue {
  /** What tells it from the other values of its axis. */
  id: string;
  /** Such a visitor in words. */
  words: string;
  set(visit: PageVisit): PageVisit;
}

/**
 * What a condition goes by, with at least one visitor of every kind that it tells apart: below, at and above the numbers that it
 * names, with each value that it names and with another. Axes of the same key are one thing; those of different keys are
 * independent.
 */
export interface Axis {
  key: string;
  values: readonly AxisValue[];
  /** What may be true together, such as several lists that one is on: every choice of them is a value. */
  parts?: readonly string[];
  /** Numbers at which something changes, where fractions are numbers too: one between every two of them is a value. */
  cuts?: readonly number[];
  /** The value of which some parts are true, and that is this number where there are cuts. */
  made?(parts: readonly string[], number?: number): AxisValue;
}

/** The numbers around those at which something changes. */
export const around = (cuts: readonly number[], least = 0): number[] =>
  [...new Set(cuts.flatMap((cut) => [cut - 1, cut, cut + 1]))].filter((one) => one >= least);

/** An axis of some values. */
export const axis = <T extends string | number | boolean | null>(
  key: string,
  values: readonly T[],
  words: (value: T) => string,
  set: (visit: PageVisit, value: T) => PageVisit,
): Axis => ({
  key,
  values: [...new Set(values)].map((value) => ({
    id: JSON.stringify(value),
    words: words(value),
    set: (visit) => set(visit, value),
  })),
});

/** A visit of somebody who has done, or of whom the page has told, something else. */
export const signalling = (visit: PageVisit, what: Partial<SignalState>): PageVisit => ({
  ...visit,
  signals: { ...visit.signals, ...what },
});

/** A visit of somebody of whom something else is remembered. */
export const remembering = (visit: PageVisit, what: Partial<Memory>): PageVisit => ({
  ...visit,
  memory: { ...visit.memory, ...what },
});

/** Windows of some widths, px, each with a pointer and with a finger: conditions on device and width go by both. */
export const screens = (widths: readonly number[]): Axis =>
  axis(
    'screen',
    // The largest first: of those that are alike, it is the one that is told of.
    [...widths].sort((a, b) => b - a).flatMap((width) => [`pointer ${width}`, `touch ${width}`]),
    (screen) =>
      `a ${screen.split(' ')[1]} px wide window${screen.startsWith('touch') ? ' on a touch screen' : ''}`,
    (visit, screen) => ({
      ...visit,
      touch: screen.startsWith('touch'),
      width: Number(screen.split(' ')[1]),
    }),
  );

/** Visitors on some of their visits. */
export const onVisits = (visits: readonly number[]): Axis =>
  axis(
    'visits',
    visits,
    (count) => `${ordinal(count)} visit`,
    (visit, count) => remembering(visit, { visits: count }),
  );
