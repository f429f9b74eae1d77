import type { Blocker } from './arbitrate.js';
import { blockerOf, hasFired, wants, type MachineState } from './machine.js';
import { pausedBy, type Pause } from './memory.js';
import { triggersOf, type CompiledRules } from './rules.js';
import { explainTargeting, type TargetingOutcome } from './targeting.js';
import type { Trigger } from './triggers/registry.js';

/** One rule of a widget and whether it lets the widget appear now. */
export type Reason =
  | { rule: 'targeting'; holds: boolean; outcome: TargetingOutcome }
  | { rule: 'pause'; holds: boolean; pause: Pause | null }
  | { rule: 'triggers'; holds: boolean; triggers: { trigger: Trigger; fired: boolean }[] }
  /** `blocker` says who has the place, or that the page has no marker. */
  | { rule: 'place'; holds: boolean; blocker?: Blocker };

export interface Explanation {
  widget: string;
  open: boolean;
  reasons: Reason[];
}

/**
 * Says rule by rule why a widget does or does not appear, from the very state the machine runs on.
 *
 * @returns `null` when no page is open or the widget is unknown
 */
export function explain(
  rules: readonly CompiledRules[],
  state: MachineState,
  id: string,
): Explanation | null {
  const widget = rules.find((one) => one.id === id);
  const { page } = state;
  if (!widget || !page) return null;
  const open = state.open.includes(id);
  const pause = open ? null : pausedBy(widget, state.memory, page.now);
  const blocker = open ? undefined : blockerOf(rules, widget, state);
  return {
    widget: id,
    open,
    reasons: [
      { rule: 'targeting', holds: widget.targets(page), outcome: explainTargeting(widget.targeting, page) },
      { rule: 'pause', holds: pause === null, pause },
      {
        rule: 'triggers',
        holds: open || wants(widget, state),
        triggers: triggersOf(widget).map((trigger) => ({ trigger, fired: hasFired(widget, trigger, state) })),
      },
      { rule: 'place', holds: blocker === undefined, ...(blocker && { blocker }) },
    ],
  };
}
