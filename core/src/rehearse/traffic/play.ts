import type { Random } from '../../base/random/index.js';
import {
  startState,
  step,
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

/** At which shares of a page's depth scrolling is told of. */
const scrollSteps = 4;

/** Plays one visitor through all of their visits, by the machine that runs on pages, and tells what happens. */
export function playVisitor(
  site: SiteRules,
  visitor: Visitor,
  model: TrafficModel,
  random: Random,
  counter: Counter,
  hasForm: (widget: string) => boolean,
): void {
  let state = startState();
  if (visitor.member) [state] = step(site, state, { type: 'identify', member: true, lists: [], at: 0 });
  for (const { at, pages } of visitor.visits) {
    counter.visit();
    let now = at;
    for (const stay of pages) {
      state = playPage(site, state, stay, now, { model, random, counter, hasForm });
      now += stay.stay;
      counter.left(state);
    }
    counter.ended(state.memory.interruptions);
  }
}

interface Playing {
  model: TrafficModel;
  random: Random;
  counter: Counter;
  hasForm(widget: string): boolean;
}

function playPage(
  site: SiteRules,
  before: MachineState,
  { page, facts, stay, depth, leaves }: PageStay,
  arrivedAt: number,
  { model, random, counter, hasForm }: Playing,
): MachineState {
  const end = arrivedAt + stay;
  const isInline = (id: string) =>
    site.widgets.some((widget) => widget.id === id && widget.mode === 'inline');
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
        if (response.type === 'submit' || !isInline(effect.widget)) due.push(response);
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
  let scrolled = 0;
  for (;;) {
    const scrollAt =
      scrolled < scrollSteps ? arrivedAt + (stay * (scrolled + 1)) / (scrollSteps + 1) : Infinity;
    let next = Math.min(scrollAt, wake);
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
      if (!isInline(deed.widget)) send({ type: 'close', at: next, widget: deed.widget });
    } else if (next === scrollAt) {
      scrolled++;
      send({ type: 'scroll', at: next, share: (depth * scrolled) / scrollSteps });
    } else send({ type: 'tick', at: next });
  }
  if (leaves) send({ type: 'leave', at: end });
  return state;
}
