import { valueAt } from '../../base/maps/index.js';
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
export const signalTypes = /* @__PURE__ */ Object.keys(signals) as SignalType[];

const byType = signals as unknown as Readonly<Record<string, Signal<object, SignalState>>>;
const all = Object.entries(byType);

const atStart = Object.freeze(Object.assign({}, ...all.map(([, { start }]) => start)) as SignalState);
const carrying = all.filter(([, { carried }]) => carried);
const passing = all.filter(([, signal]) => signal.passing);

/** What is known when the visitor arrives: of the page before, what is carried on. */
export function startOfSignals(before?: SignalState): SignalState {
  if (!before) return atStart;
  const next = { ...atStart };
  for (const [, { carried }] of carrying) Object.assign(next, carried?.(before));
  return next;
}

/**
 * What is known after an event, whichever it is: a signal that holds for the moment only has passed unless it is this. A copy is made
 * once, and only of what changes: this runs at every event of every visitor that is played.
 */
export function signalsAfter(known: SignalState, event: { type: string; at: number }): SignalState {
  let next = known;
  const own = valueAt(byType, event.type);
  if (own) next = { ...known, ...own.happened(known, event, event.at) };
  for (const [type, { start }] of passing)
    if (type !== event.type && !isSame(next, start)) next = { ...next, ...start };
  return next;
}

const isSame = (known: SignalState, start: Partial<SignalState>): boolean =>
  (Object.keys(start) as (keyof SignalState)[]).every((key) => known[key] === start[key]);
