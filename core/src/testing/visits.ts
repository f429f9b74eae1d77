import {
  compileRules,
  startState,
  step,
  type MachineEvent,
  type MachineState,
  type WidgetRules,
} from '../behaviour/index.js';

/** The rules of a widget that appears at once and always, but for the changes. */
export const rule = (changes: Partial<WidgetRules> = {}): WidgetRules => ({
  id: 'w',
  slug: 'letter',
  mode: 'overlay',
  triggers: { any: [{ type: 'load' }] },
  targeting: { all: [] },
  frequency: { per: 'page' },
  returning: { afterClosing: 0, afterSubmitting: 0 },
  priority: 0,
  ...changes,
});

/** Plays events and says at each what was shown and hidden. */
export function play(rules: WidgetRules[], events: MachineEvent[], start: MachineState = startState()) {
  const compiled = compileRules(rules);
  let state = start;
  const seen: string[][] = [];
  for (const event of events) {
    const [next, effects] = step(compiled, state, event);
    state = next;
    seen.push(
      effects.flatMap((effect) =>
        effect.type === 'show' ? [`+${effect.widget}`] : effect.type === 'hide' ? [`-${effect.widget}`] : [],
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
  address,
  width: 1280,
  markers,
});
/** Time has passed. */
export const tick = (at: number): MachineEvent => ({ type: 'tick', at });
