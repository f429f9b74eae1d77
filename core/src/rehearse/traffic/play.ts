import type { Random } from '../../base/random/index.js';
import {
  startState,
  step,
  triggersOf,
  watchedBy,
  type Effect,
  type MachineEvent,
  type MachineState,
  type SiteRules,
} from '../../behaviour/index.js';
import type { TrafficModel } from './model.js';
import type { PageStay, Visitor } from './visits.js';

/** What those who count hear of a visitor's way. Times in ms. */
export interface Counter {
  visit(): void;
  /** A widget has appeared, `after` its page was reached, at a moment of the day. */
  shown(widget: string, page: number, after: number, at: number): void;
  submitted(widget: string): void;
  /** The visitor leaves a page; the machine's state says why all others are not there. */
  left(state: MachineState): void;
  /** The visit has ended, with so many interruptions. */
  ended(interruptions: number): void;
}

/** What a visitor does to a widget that has appeared. */
interface Due {
  at: number;
  type: 'close' | 'submit';
  widget: string;
}

/** How much of the time on a page it takes to scroll as deep as the visitor goes. */
const scrollingTime = 0.8;
/** At which shares of that time the visitor is seen to be active. */
const activeAt = [0.25, 0.5, 0.75, 1];

/** What some widgets of a site go by of what a visitor does on a page. */
export interface Heard {
  /** The shares of a page's depth that a trigger waits for, in turn. */
  depths: readonly number[];
  /** Whether a trigger goes by being active, and whether one by making to leave. */
  activity: boolean;
  leave: boolean;
}

/**
 * Says what those of a site's widgets go by that may appear on a page, by their places among the site's: what nobody goes by is not
 * played, as the machine would look at each of them in vain (bench/traffic).
 */
export function heardBy({ widgets }: SiteRules): (here: readonly number[]) => Heard {
  const own = widgets.map((widget) => ({
    depths: triggersOf(widget).flatMap((one) => (one.type === 'scroll' ? [one.share] : [])),
    watched: watchedBy([widget]),
  }));
  const known = new Map<string, Heard>();
  return (here) => {
    const key = here.join();
    const heard = known.get(key);
    if (heard) return heard;
    const all = here.flatMap((index) => own[index] ?? []);
    const next = {
      depths: [...new Set(all.flatMap(({ depths }) => depths))].sort((a, b) => a - b),
      activity: all.some(({ watched }) => watched.includes('activity')),
      leave: all.some(({ watched }) => watched.includes('leave')),
    };
    known.set(key, next);
    return next;
  };
}

/** What the visitor does on a page by themselves, at moments after arriving, ms, in turn. */
function deedsOn(
  { stay, depth }: PageStay,
  { depths, activity }: Heard,
): (MachineEvent & { type: 'scroll' | 'activity' })[] {
  const time = stay * scrollingTime;
  const scrolls = depths
    .filter((share) => share <= depth)
    .map((share) => ({ type: 'scroll' as const, share, at: depth > 0 ? (time * share) / depth : 0 }));
  if (!activity) return scrolls;
  const active = activeAt.map((share) => ({ type: 'activity' as const, at: time * share }));
  return [...scrolls, ...active].sort((a, b) => a.at - b.at);
}

/** What visitors are played with. */
export interface Playing {
  model: TrafficModel;
  random: Random;
  counter: Counter;
  hasForm(widget: string): boolean;
  /** Those that are part of a page. */
  inline: ReadonlySet<string>;
  heard: ReturnType<typeof heardBy>;
}

/** Plays one visitor through all of their visits, by the machine that runs on pages, and tells what happens. */
export function playVisitor(site: SiteRules, visitor: Visitor, playing: Playing): void {
  const { counter } = playing;
  let state = startState();
  if (visitor.member) [state] = step(site, state, { type: 'identify', member: true, lists: [], at: 0 });
  for (const { at, pages } of visitor.visits) {
    counter.visit();
    let now = at;
    for (const stay of pages) {
      state = playPage(site, state, stay, now, playing);
      now += stay.stay;
      // What has become due without anything happening, behind a widget that has the place, has become so by now.
      counter.left(state.page ? { ...state, page: { ...state.page, now } } : state);
    }
    counter.ended(state.memory.interruptions);
  }
}

function playPage(
  site: SiteRules,
  before: MachineState,
  played: PageStay,
  arrivedAt: number,
  { model, random, counter, hasForm, heard, inline }: Playing,
): MachineState {
  const { page, facts, stay, leaves } = played;
  const end = arrivedAt + stay;
  let state = before;
  let wake = Infinity;
  const due: Due[] = [];

  const send = (event: MachineEvent): void => {
    let effects: Effect[];
    [state, effects] = step(site, state, event);
    wake = Infinity;
    for (const effect of effects) {
      if (effect.type === 'wake') wake = effect.at;
      else if (effect.type === 'show') {
        counter.shown(effect.widget, page, event.at - arrivedAt, event.at);
        // What is part of the page stays there, unless it is submitted.
        const response = responseTo(effect.widget, event.at);
        if (response.type === 'submit' || !inline.has(effect.widget)) due.push(response);
      }
    }
  };
  const responseTo = (widget: string, at: number): Due => {
    const submits = hasForm(widget) && random() < model.submitting;
    return {
      at: at + 1000 * model.closing * (0.3 + random() * 1.4),
      type: submits ? 'submit' : 'close',
      widget,
    };
  };

  send({ type: 'arrive', at: arrivedAt, ...facts });
  const asked = heard(state.here);
  const deeds = deedsOn(played, asked);
  let done = 0;
  for (;;) {
    const own = deeds[done];
    const ownAt = own ? arrivedAt + own.at : Infinity;
    let next = Math.min(ownAt, wake);
    let deed: Due | undefined;
    for (const one of due) if (one.at < next || (one.at <= next && !deed)) [next, deed] = [one.at, one];
    if (next >= end) break;
    if (deed && deed.at === next) {
      due.splice(due.indexOf(deed), 1);
      if (!state.open.includes(deed.widget)) continue;
      if (deed.type === 'submit') {
        counter.submitted(deed.widget);
        send({ type: 'submit', at: next, widget: deed.widget });
      }
      if (!inline.has(deed.widget)) send({ type: 'close', at: next, widget: deed.widget });
    } else if (own && next === ownAt) {
      done++;
      send({ ...own, at: next });
    } else send({ type: 'tick', at: next });
  }
  if (leaves && asked.leave) send({ type: 'leave', at: end });
  return state;
}
