import type { Deed, Signal } from '../signal.js';
import { activity, activityDeed } from './activity.js';
import { basket, basketDeed } from './basket.js';
import { element, elementDeed } from './element.js';
import { identify, identifyDeed } from './identify.js';
import { leave, leaveDeed } from './leave.js';
import { scroll, scrollDeed } from './scroll.js';
import { set, setDeed } from './set.js';
import { track, trackDeed } from './track.js';

// Two lists, so that a page loads what a signal is without what a rehearsal says of it. The compiler asks for each in both,
// and for its listener in the embed.
const signals = { scroll, leave, activity, track, element, basket, identify, set };

type Signals = typeof signals;
export type SignalType = keyof Signals;

export type Detail<S extends SignalType> = Signals[S] extends Signal<infer D, infer _> ? D : never;
type Known = { [S in SignalType]: (known: Signals[S]['start']) => void }[SignalType] extends (
  known: infer K,
) => void
  ? K
  : never;

/** What is known of all signals, as part of a page visit. An interface, so that a visit can extend it. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- it names an intersection
export interface SignalState extends Known {}

export type SignalEvent = { [S in SignalType]: { type: S } & Detail<S> }[SignalType];

/** How each is done in a rehearsal. */
export const signalDeeds: { readonly [S in SignalType]: Deed<Detail<S>> } = {
  scroll: scrollDeed,
  leave: leaveDeed,
  activity: activityDeed,
  track: trackDeed,
  element: elementDeed,
  basket: basketDeed,
  identify: identifyDeed,
  set: setDeed,
};

/** What each signal is called. */
export const signalTypes = Object.keys(signals) as SignalType[];

const all = Object.entries(signals) as [string, Signal<object, SignalState>][];

/** What is known when the visitor arrives: of the page before, what is carried on. */
export const startOfSignals = (before?: SignalState): SignalState =>
  Object.assign(
    {},
    ...all.map(([, { start, carried }]) => {
      if (!before || !carried) return start;
      const own = Object.keys(start) as (keyof SignalState)[];
      return carried(Object.fromEntries(own.map((key) => [key, before[key]])) as unknown as SignalState);
    }),
  ) as SignalState;

/** What is known after an event, whichever it is: a signal that holds for the moment only has passed unless it is this. */
export function signalsAfter<K extends SignalState>(known: K, event: { type: string; at: number }): K {
  let next = known;
  for (const [type, signal] of all)
    if (type === event.type) next = { ...next, ...signal.happened(next, event, event.at) };
    else if (signal.passing) next = { ...next, ...signal.start };
  return next;
}
