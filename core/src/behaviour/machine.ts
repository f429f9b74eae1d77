import { valueAt } from '../base/maps/index.js';
import { placeOf } from './address.js';
import { pausedBy, noMemory, rememberArrival, type Memory, type WidgetMemory } from './memory.js';
import type { PageVisit } from './page.js';
import { triggersOf, type CompiledRules } from './rules.js';
import type { PageFacts } from './facts.js';
import { signalsAfter, startOfSignals, type SignalEvent } from './signals/registry.js';
import { arbitrate, type Blocker } from './arbitrate.js';
import { kindOf, type Trigger } from './triggers/registry.js';

/** All that the machine knows at one moment. Plain data: it can be kept, compared and played again. */
export interface MachineState {
  memory: Memory;
  page: PageVisit | null;
  /** Slugs of the places the page has for inline widgets. */
  markers: readonly string[];
  /** The widgets on the page now, by id. */
  open: readonly string[];
  /**
   * Of widgets that wait for all of their triggers: which have fired on this page, by their places in the list. What has
   * fired once stays fired, though the moment has passed.
   */
  fired: Readonly<Record<string, readonly number[]>>;
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

/** What is to be done: show a widget, take it away, keep the memory, or come back with a tick at a moment. */
export type Effect =
  | { type: 'show'; widget: string; asked: boolean }
  | { type: 'hide'; widget: string }
  | { type: 'remember'; memory: Memory }
  | { type: 'wake'; at: number };

export type Step = [MachineState, Effect[]];

/** The state before the visitor's first page. */
export function startState(memory: Memory = noMemory): MachineState {
  return { memory, page: null, markers: [], open: [], fired: {} };
}

/**
 * Takes one event: the whole behaviour of Sirene on a page. Pure and deterministic; the page, the stage and the
 * rehearsal all run this.
 *
 * @example
 * const [state, effects] = step(rules, startState(), { type: 'arrive', at: 0, address: '/', width: 1280, markers: [] });
 */
export function step(rules: readonly CompiledRules[], state: MachineState, event: MachineEvent): Step {
  switch (event.type) {
    case 'arrive':
      return arrive(rules, state, event);
    case 'close':
      return end(rules, state, event, { closedAt: event.at });
    case 'fail':
      return end(rules, state, event, {});
    case 'submit':
      return note(state, event.widget, { submittedAt: event.at });
    case 'ask':
      return ask(rules, state, event.widget, event.at);
    default:
      return state.page ? appear(rules, { ...state, page: seen(state.page, event) }) : [state, []];
  }
}

function arrive(
  rules: readonly CompiledRules[],
  state: MachineState,
  { at, address, width, markers }: MachineEvent & { type: 'arrive' },
): Step {
  const memory = rememberArrival(state.memory, at);
  const { pages: pagesSeen, visits } = memory;
  const page: PageVisit = {
    ...placeOf(address),
    ...startOfSignals(),
    arrivedAt: at,
    now: at,
    width,
    pagesSeen,
    visits,
  };
  const gone = state.open.map((widget): Effect => ({ type: 'hide', widget }));
  const [next, effects] = appear(rules, { memory, page, markers, open: [], fired: {} });
  return [next, [...gone, { type: 'remember', memory }, ...effects]];
}

const seen = (page: PageVisit, event: MachineEvent): PageVisit => ({
  ...signalsAfter(page, event),
  now: event.at,
});

/** Lets every widget appear that wants to, may, and gets a place. */
function appear(rules: readonly CompiledRules[], before: MachineState): Step {
  const page = before.page as PageVisit;
  const state = { ...before, fired: firedBy(rules, before) };
  const wanting: CompiledRules[] = [];
  const waiting: CompiledRules[] = [];
  for (const widget of rules)
    if (mayAppear(widget, state)) (wants(widget, state) ? wanting : waiting).push(widget);
  const decisions = arbitrate(wanting, openOf(rules, state), state);
  const coming = wanting.filter((_, at) => !decisions[at]?.blocker);
  const next = coming.reduce(shown, state);
  // Who has no place is not waited for: when one is free again, all are asked.
  const there = openOf(rules, next);
  let wake = Infinity;
  for (const widget of waiting)
    if (!arbitrate([widget], there, state)[0]?.blocker) wake = Math.min(wake, dueAt(widget, page));
  return [
    next,
    [
      ...coming.map((widget): Effect => ({ type: 'show', widget: widget.id, asked: false })),
      ...(next === state ? [] : [{ type: 'remember', memory: next.memory } as const]),
      ...(wake < Infinity ? [{ type: 'wake', at: wake } as const] : []),
    ],
  ];
}

function mayAppear(widget: CompiledRules, state: MachineState): boolean {
  if (!state.page || state.open.includes(widget.id) || pausedBy(widget, state.memory, state.page.now))
    return false;
  return widget.targets(state.page);
}

const openOf = (rules: readonly CompiledRules[], { open }: MachineState): CompiledRules[] =>
  rules.filter(({ id }) => open.includes(id));

/** What keeps a widget from having a place on the page now, if anything does. */
export const blockerOf = (
  rules: readonly CompiledRules[],
  widget: CompiledRules,
  state: MachineState,
): Blocker | undefined => arbitrate([widget], openOf(rules, state), state)[0]?.blocker;

function firedBy(rules: readonly CompiledRules[], { fired, page }: MachineState): MachineState['fired'] {
  let next = fired;
  for (const { id, triggers } of rules) {
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

function shown(state: MachineState, widget: CompiledRules): MachineState {
  const { allPages, visits } = state.memory;
  const shownAt = state.page?.now ?? 0;
  const memory = remember(state.memory, widget.id, { shownAt, shownVisit: visits, shownPage: allPages });
  return { ...state, memory, open: [...state.open, widget.id] };
}

function remember(memory: Memory, id: string, what: WidgetMemory): Memory {
  return { ...memory, widgets: { ...memory.widgets, [id]: { ...valueAt(memory.widgets, id), ...what } } };
}

function note(state: MachineState, id: string, what: WidgetMemory): Step {
  const memory = remember(state.memory, id, what);
  return [{ ...state, memory }, [{ type: 'remember', memory }]];
}

function end(
  rules: readonly CompiledRules[],
  state: MachineState,
  event: MachineEvent & { type: 'close' | 'fail' },
  what: WidgetMemory,
): Step {
  const { widget: id } = event;
  if (!state.open.includes(id)) return [state, []];
  const [noted, effects] = note(state, id, what);
  const open = noted.open.filter((other) => other !== id);
  const page = noted.page && seen(noted.page, event);
  // The place is free: whoever waited gets a turn.
  const [next, more] = appear(rules, { ...noted, open, page });
  return [next, [{ type: 'hide', widget: id }, ...effects, ...more]];
}

function ask(rules: readonly CompiledRules[], state: MachineState, id: string, at: number): Step {
  const widget = rules.find((one) => one.id === id);
  if (!widget || !state.page || state.open.includes(id)) return [state, []];
  if (blockerOf(rules, widget, state)?.by === 'marker') return [state, []];
  // Asked for, it takes the place of whoever has it.
  const inTheWay = widget.mode === 'overlay' ? overlays(rules, state) : [];
  const open = state.open.filter((other) => !inTheWay.includes(other));
  const next = shown({ ...state, open, page: { ...state.page, now: at } }, widget);
  return [
    next,
    [
      ...inTheWay.map((other): Effect => ({ type: 'hide', widget: other })),
      { type: 'show', widget: id, asked: true },
      { type: 'remember', memory: next.memory },
    ],
  ];
}

const overlays = (rules: readonly CompiledRules[], state: MachineState): string[] =>
  openOf(rules, state).flatMap(({ id, mode }) => (mode === 'overlay' ? [id] : []));
