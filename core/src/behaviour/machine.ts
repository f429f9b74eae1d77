import { valueAt } from '../base/maps/index.js';
import { arbitrate, compete, interrupts, type Blocker, type Decision, type Room } from './arbitrate.js';
import type { PageFacts } from './facts.js';
import { noMemory, rememberArrival, type Memory, type WidgetMemory } from './memory.js';
import { pausedBy } from './pause.js';
import { visitOf, type PageVisit } from './page.js';
import { triggersOf, type CompiledRules, type SiteRules } from './rules.js';
import { offSchedule, scheduleChange } from './schedule.js';
import { signalsAfter, startOfSignals, type SignalEvent, type SignalState } from './signals/registry.js';
import { kindOf, type Trigger } from './triggers/registry.js';

/** All that the machine knows at one moment. Plain data: it can be kept, compared and played again. */
export interface MachineState {
  memory: Memory;
  page: PageVisit | null;
  /** What the page has told before the visitor's arrival was noted. */
  told: SignalState;
  /** The widgets that may appear on this page, by their places among the site's; all others are not asked again. */
  here: readonly number[];
  /** The widgets on the page now, by id. */
  open: readonly string[];
  /** Those of which the teaser is on the page. */
  remaining: readonly string[];
  /** Those of the open ones that came by themselves and interrupt, and how many of those there have been on this page. */
  interrupting: readonly string[];
  interruptions: number;
  /**
   * Of widgets that wait for all of their triggers: which have fired on this page, by their places in the list. What has
   * fired once stays fired, though the moment has passed.
   */
  fired: Readonly<Record<string, readonly number[]>>;
  /** Since when widgets have wanted a place that they do not get, ms since the epoch. */
  waiting: Readonly<Record<string, number>>;
  /** Those that had to wait where the site lets nobody wait. */
  dropped: readonly string[];
}

/** Something that happened. `at` in ms since the epoch, never before the event that came earlier. */
export type MachineEvent = { at: number } & (
  | ({ type: 'arrive' } & PageFacts)
  | SignalEvent
  | { type: 'tick' }
  /** The page asks for a widget, whatever its rules say. */
  | { type: 'ask'; widget: string }
  | { type: 'close'; widget: string }
  | { type: 'submit'; widget: string }
  /** It could not be shown: its place is free again, and the visitor has closed nothing. */
  | { type: 'fail'; widget: string }
);

/** What is to be done: show a widget or its teaser, take them away, keep the memory, or come back with a tick at a moment. */
export type Effect =
  | { type: 'show'; widget: string; asked: boolean }
  | { type: 'remain'; widget: string }
  | { type: 'hide'; widget: string }
  | { type: 'remember'; memory: Memory }
  | { type: 'wake'; at: number };

export type Step = [MachineState, Effect[]];

/** The state before the visitor's first page. */
export const startState = (memory: Memory = noMemory): MachineState =>
  freshState(memory, null, startOfSignals(), []);

// Written out, so that it is of one known shape: copies of it are made several times as fast (bench/traffic).
const freshState = (
  memory: Memory,
  page: PageVisit | null,
  told: SignalState,
  here: readonly number[],
): MachineState => ({
  memory,
  page,
  told,
  here,
  open: none,
  remaining: none,
  interrupting: none,
  interruptions: 0,
  fired: nothing,
  waiting: nobody,
  dropped: none,
});

const nobody: MachineState['waiting'] = {};
const nothing: MachineState['fired'] = {};
const none: readonly string[] = [];

/**
 * Takes one event: the whole behaviour of Sirene on a page. Pure and deterministic; the page, the stage and the
 * rehearsal all run this.
 *
 * @example
 * const [state, effects] = step(compileRules(widgets), startState(), { type: 'arrive', at: 0, ...facts });
 */
export function step(site: SiteRules, state: MachineState, event: MachineEvent): Step {
  switch (event.type) {
    case 'arrive':
      return arrive(site, state, event);
    case 'close':
      return end(site, state, event, { closedAt: event.at });
    case 'fail':
      return end(site, state, event, {});
    case 'submit':
      return note(state, event.widget, { submittedAt: event.at });
    case 'ask':
      return ask(site, state, event.widget, event.at);
    default:
      return state.page
        ? appear(site, { ...state, page: seen(state.page, event) })
        : [{ ...state, told: signalsAfter(state.told, event) }, []];
  }
}

function arrive(site: SiteRules, state: MachineState, event: MachineEvent & { type: 'arrive' }): Step {
  const { at } = event;
  const quiet = state.interrupting.length > 0;
  const before = quiet ? { ...state.memory, quietSince: at } : state.memory;
  const memory = rememberArrival(before, at, event);
  const page = visitOf(event, at, memory, startOfSignals(state.page?.signals ?? state.told));
  const here: number[] = [];
  for (const [index, widget] of site.widgets.entries()) if (widget.onPage(page)) here.push(index);
  const remaining = here.flatMap((index) => {
    const widget = site.widgets[index] as CompiledRules;
    return hasRemains(widget, memory) && widget.targets(page) ? [widget.id] : [];
  });
  const fresh = freshState(memory, page, state.told, here);
  const [next, effects] = appear(site, remaining.length > 0 ? { ...fresh, remaining } : fresh);
  const gone = [...state.open, ...state.remaining].map((widget): Effect => ({ type: 'hide', widget }));
  const stays = remaining.map((widget): Effect => ({ type: 'remain', widget }));
  return [next, [...gone, { type: 'remember', memory }, ...stays, ...effects]];
}

/** Whether a widget was closed in this visit, with nothing sent by it before, and its teaser stands for it since. */
function hasRemains({ id, remains }: CompiledRules, { widgets, visitAt }: Memory): boolean {
  if (!remains) return false;
  const { closedAt = -1, submittedAt = -1, shownAt = 0 } = valueAt(widgets, id) ?? {};
  return closedAt >= visitAt && submittedAt < shownAt;
}

const seen = (page: PageVisit, event: MachineEvent): PageVisit => ({
  ...page,
  now: event.at,
  signals: signalsAfter(page.signals, event),
});

/** Lets every widget appear that wants to, may, and gets a place. */
function appear(site: SiteRules, before: MachineState): Step {
  const page = before.page as PageVisit;
  const fired = firedBy(site, before);
  const state = fired === before.fired ? before : { ...before, fired };
  const wanting: CompiledRules[] = [];
  let wake = Infinity;
  for (const index of state.here) {
    const widget = site.widgets[index] as CompiledRules;
    if (state.open.includes(widget.id)) continue;
    const { schedule } = widget;
    // Those that may not appear now are looked at again when their time comes.
    if (schedule) wake = Math.min(wake, scheduleChange(schedule, page.now));
    if (mayAppear(widget, state)) {
      if (wants(widget, state)) wanting.push(widget);
      else if (!placeTaken(site, widget, state)) wake = Math.min(wake, dueAt(widget, page));
    }
    wake = Math.min(wake, later(widget.changesAt(page), page.now));
  }
  if (wanting.length === 0) {
    const next = state.waiting === nobody ? state : { ...state, waiting: nobody };
    return [next, wake < Infinity ? [{ type: 'wake', at: wake }] : []];
  }
  const turns = inTurn(wanting, state.waiting);
  const decisions = arbitrate(turns, openOf(site, state), site.policy, roomOf(state));
  const coming = turns.filter((_, at) => !decisions[at]?.blocker);
  const next = coming.reduce(
    (earlier, widget) => shown(earlier, widget, false),
    queued(site, state, decisions),
  );
  for (const { blocker } of decisions) if (blocker?.by === 'gap') wake = Math.min(wake, blocker.until);
  return [
    next,
    [
      ...coming.map((widget): Effect => ({ type: 'show', widget: widget.id, asked: false })),
      ...(coming.length > 0 ? [{ type: 'remember', memory: next.memory } as const] : []),
      ...(wake < Infinity ? [{ type: 'wake', at: wake } as const] : []),
    ],
  ];
}

/** The higher priority first, as the widgets are in order already; of the same, who has waited longest. */
const inTurn = (wanting: readonly CompiledRules[], waiting: MachineState['waiting']): CompiledRules[] => {
  const since = ({ id }: CompiledRules) => valueAt(waiting, id) ?? Infinity;
  // Infinity less Infinity is no number, which a sort takes as equal.
  return [...wanting].sort((a, b) => b.priority - a.priority || since(a) - since(b));
};

const later = (at: number, now: number): number => (at > now ? at : Infinity);

/** Who waits for a place, and since when; or who is dropped, where nobody waits. */
function queued({ policy }: SiteRules, state: MachineState, decisions: readonly Decision[]): MachineState {
  const now = (state.page as PageVisit).now;
  const turnedAway = decisions.filter(({ blocker }) => blocker && blocker.by !== 'marker');
  if (turnedAway.length === 0) return state.waiting === nobody ? state : { ...state, waiting: nobody };
  const waiting = Object.fromEntries(
    turnedAway.map(({ widget }) => [widget, valueAt(state.waiting, widget) ?? now]),
  );
  const dropped = policy.waiting === 'never' ? turnedAway.map(({ widget }) => widget) : [];
  return { ...state, waiting, dropped: [...new Set([...state.dropped, ...dropped])] };
}

function mayAppear(widget: CompiledRules, state: MachineState): boolean {
  const { page } = state;
  if (!page || pausedBy(widget, state.memory, page.now)) return false;
  if (widget.schedule && offSchedule(widget.schedule, page.now)) return false;
  return widget.targets(page);
}

const openOf = ({ widgets }: SiteRules, { open }: MachineState): CompiledRules[] =>
  open.length === 0 ? [] : widgets.filter(({ id }) => open.includes(id));

const roomOf = ({ page, memory, interruptions, dropped }: MachineState): Room => ({
  markers: page?.markers ?? [],
  width: page?.width ?? 0,
  now: page?.now ?? 0,
  onPage: interruptions,
  inVisit: memory.interruptions,
  quietSince: memory.quietSince,
  dropped,
});

/** What keeps a widget from having a place on the page now, if anything does. */
export const blockerOf = (site: SiteRules, widget: CompiledRules, state: MachineState): Blocker | undefined =>
  arbitrate([widget], openOf(site, state), site.policy, roomOf(state))[0]?.blocker;

// Who has no place is not waited for: when one is free again, all are asked.
const placeTaken = (site: SiteRules, widget: CompiledRules, state: MachineState): boolean =>
  state.open.length > 0 && blockerOf(site, widget, state)?.by === 'widget';

function firedBy({ widgets }: SiteRules, { fired, page, here }: MachineState): MachineState['fired'] {
  let next = fired;
  for (const index of here) {
    const { id, triggers } = widgets[index] as CompiledRules;
    if (!('all' in triggers) || !page) continue;
    const known = valueAt(fired, id) ?? [];
    const now = triggers.all.flatMap((trigger, at) =>
      known.includes(at) || kindOf(trigger).fired(trigger, page) ? [at] : [],
    );
    if (now.length > known.length) next = { ...next, [id]: now };
  }
  return next;
}

/** Whether a trigger of a widget has happened: of one that waits for all of them, ever on this page. */
export function hasFired(
  { id, triggers }: CompiledRules,
  trigger: Trigger,
  { page, fired }: MachineState,
): boolean {
  const isNow = page !== null && kindOf(trigger).fired(trigger, page);
  return (
    isNow || ('all' in triggers && (valueAt(fired, id)?.includes(triggers.all.indexOf(trigger)) ?? false))
  );
}

/** Whether the widget's triggers have happened. */
export function wants(widget: CompiledRules, state: MachineState): boolean {
  const { triggers } = widget;
  const fired = (trigger: Trigger) => hasFired(widget, trigger, state);
  return 'any' in triggers ? triggers.any.some(fired) : triggers.all.every(fired);
}

function dueAt(widget: CompiledRules, page: PageVisit): number {
  const times = triggersOf(widget).map((trigger) => kindOf(trigger).dueAt?.(trigger, page) ?? Infinity);
  return Math.min(...times.filter((time) => time > page.now), Infinity);
}

// One copy of all that changes: of ten thousands of visitors a second, copies are most of the work (bench/traffic).
function shown(state: MachineState, widget: CompiledRules, asked: boolean): MachineState {
  const { id } = widget;
  const { page, memory: before, waiting: waited } = state;
  const counts = Number(!asked && interrupts(widget));
  const { [id]: _, ...waiting } = waited;
  const memory = {
    ...noting(before, id, {
      shownAt: page?.now ?? 0,
      shownVisit: before.visits,
      shownPage: before.allPages,
      shownTimes: (valueAt(before.widgets, id)?.shownTimes ?? 0) + 1,
    }),
    interruptions: before.interruptions + counts,
  };
  return {
    ...state,
    memory,
    page: page && { ...page, memory },
    open: [...state.open, id],
    remaining: without(state.remaining, id),
    waiting,
    interrupting: counts ? [...state.interrupting, id] : state.interrupting,
    interruptions: state.interruptions + counts,
  };
}

const without = (ids: readonly string[], id: string): readonly string[] =>
  ids.includes(id) ? ids.filter((other) => other !== id) : ids;

const noting = (memory: Memory, id: string, what: WidgetMemory): Memory => ({
  ...memory,
  widgets: { ...memory.widgets, [id]: { ...valueAt(memory.widgets, id), ...what } },
});

function note(state: MachineState, id: string, what: WidgetMemory): Step {
  const memory = noting(state.memory, id, what);
  // What is remembered is part of what is known on the page: conditions ask for it.
  const page = state.page && { ...state.page, memory };
  return [{ ...state, memory, page }, [{ type: 'remember', memory }]];
}

function end(
  site: SiteRules,
  state: MachineState,
  event: MachineEvent & { type: 'close' | 'fail' },
  what: WidgetMemory,
): Step {
  const { widget: id } = event;
  if (!state.open.includes(id)) return [state, []];
  const wasQuiet = !state.interrupting.includes(id);
  const noted = noting(state.memory, id, what);
  const memory = wasQuiet ? noted : { ...noted, quietSince: event.at };
  const widget = site.widgets.find((one) => one.id === id);
  const stays = event.type === 'close' && widget && hasRemains(widget, memory);
  // The place is free: whoever waited gets a turn.
  const [next, more] = appear(site, {
    ...state,
    memory,
    page: state.page && { ...seen(state.page, event), memory },
    open: without(state.open, id),
    interrupting: without(state.interrupting, id),
    remaining: stays ? [...state.remaining, id] : state.remaining,
  });
  return [
    next,
    [
      { type: 'hide', widget: id },
      { type: 'remember', memory },
      ...(stays ? [{ type: 'remain', widget: id } as const] : []),
      ...more,
    ],
  ];
}

function ask(site: SiteRules, state: MachineState, id: string, at: number): Step {
  const widget = site.widgets.find((one) => one.id === id);
  const { page } = state;
  if (!widget || !page || state.open.includes(id)) return [state, []];
  if (widget.mode === 'inline' && !page.markers.includes(widget.slug)) return [state, []];
  // Asked for, it takes the place of whoever has it.
  const inTheWay = openOf(site, state).flatMap((other) =>
    compete(widget, other, page.width) ? [other.id] : [],
  );
  const stays = (other: string) => !inTheWay.includes(other);
  const interrupting = state.interrupting.filter(stays);
  const wasQuiet = interrupting.length === state.interrupting.length;
  const memory = wasQuiet ? state.memory : { ...state.memory, quietSince: at };
  const open = state.open.filter(stays);
  const next = shown(
    { ...state, memory, page: { ...page, now: at, memory }, open, interrupting },
    widget,
    true,
  );
  return [
    next,
    [
      ...inTheWay.map((other): Effect => ({ type: 'hide', widget: other })),
      { type: 'show', widget: id, asked: true },
      { type: 'remember', memory: next.memory },
    ],
  ];
}
