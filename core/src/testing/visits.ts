import {
  compileRules,
  noMemory,
  placeOf,
  startState,
  step,
  type MachineEvent,
  type MachineState,
  type Memory,
  type PageFacts,
  type PageVisit,
  type Policy,
  type WidgetRules,
} from '../behaviour/index.js';
import { startOfSignals, type SignalState } from '../behaviour/signals/registry.js';

/** The rules of a widget that appears at once and always, but for the changes. */
export const rule = (changes: Partial<WidgetRules> = {}): WidgetRules => ({
  id: 'w',
  slug: 'letter',
  mode: 'overlay',
  covers: [0, 0],
  triggers: { any: [{ type: 'load' }] },
  targeting: { all: [] },
  frequency: { per: 'page' },
  returning: { afterClosing: 0, afterSubmitting: 0 },
  priority: 0,
  ...changes,
});

const marks = { show: '+', hide: '-', remain: '~' };

/** Plays events and says at each what was shown and hidden. */
export function play(
  rules: WidgetRules[],
  events: MachineEvent[],
  start: MachineState = startState(),
  policy?: Policy,
) {
  const compiled = compileRules(rules, policy);
  let state = start;
  const seen: string[][] = [];
  for (const event of events) {
    const [next, effects] = step(compiled, state, event);
    state = next;
    seen.push(
      effects.flatMap((effect) =>
        effect.type in marks
          ? [`${marks[effect.type as keyof typeof marks]}${(effect as { widget: string }).widget}`]
          : [],
      ),
    );
  }
  return { state, seen };
}

/** The visitor comes to a page. */
export const arrive = (
  at: number,
  address = 'https://site.example/',
  markers: string[] = [],
): MachineEvent => ({
  type: 'arrive',
  at,
  ...facts({ address, markers }),
});

/** What a page tells of itself, but for the changes. */
export const facts = (changes: Partial<PageFacts> = {}): PageFacts => ({
  address: 'https://site.example/',
  width: 1280,
  markers: [],
  touch: false,
  language: 'en-GB',
  from: '',
  campaign: {},
  types: [],
  ahead: 0,
  ...changes,
});
/** Time has passed. */
export const tick = (at: number): MachineEvent => ({ type: 'tick', at });

/** A visitor on their second page, who has done nothing there, but for the changes. */
export function visitOn(
  address: string,
  changes: Partial<PageVisit> & Partial<SignalState> = {},
  memory: Partial<Memory> = {},
): PageVisit {
  const { address: _, from, campaign, ...told } = facts();
  const start = startOfSignals();
  const signals = Object.entries(changes).filter(([key]) => Object.hasOwn(start, key));
  const own = Object.entries(changes).filter(([key]) => !Object.hasOwn(start, key));
  return {
    ...placeOf(address),
    ...told,
    arrivedAt: 0,
    now: 0,
    memory: { ...noMemory, visits: 1, pages: 2, allPages: 2, from, campaign, ...memory },
    signals: { ...start, ...Object.fromEntries(signals) },
    ...Object.fromEntries(own),
  };
}
