import type { Blocker } from './arbitrate.js';
import { blockerOf, hasFired, wants, type MachineState } from './machine.js';
import { pausedBy, type Pause } from './pause.js';
import type { PageVisit } from './page.js';
import { triggersOf, type CompiledRules, type SiteRules } from './rules.js';
import { offSchedule, type OffSchedule } from './schedule.js';
import { explainTargeting, type TargetingOutcome } from './targeting.js';
import type { Trigger } from './triggers/registry.js';

/** One rule of a widget and whether it lets the widget appear now. */
export type Reason =
  | { rule: 'targeting'; holds: boolean; outcome: TargetingOutcome }
  | { rule: 'schedule'; holds: boolean; off: OffSchedule | null }
  | { rule: 'pause'; holds: boolean; pause: Pause | null }
  | { rule: 'triggers'; holds: boolean; all: boolean; triggers: { trigger: Trigger; fired: boolean }[] }
  /** `blocker` says what is in the way of its place. */
  | { rule: 'place'; holds: boolean; blocker?: Blocker };

export interface Explanation {
  widget: string;
  open: boolean;
  /** The visit that it is about. */
  visit: PageVisit;
  reasons: Reason[];
}

/**
 * Says rule by rule why a widget does or does not appear, from the very state the machine runs on.
 *
 * @returns `null` when no page is open or the widget is unknown
 */
export function explain(site: SiteRules, state: MachineState, id: string): Explanation | null {
  const widget = site.widgets.find((one) => one.id === id);
  const { page } = state;
  if (!widget || !page) return null;
  const open = state.open.includes(id);
  const pause = open ? null : pausedBy(widget, state.memory, page.now);
  const blocker = open ? undefined : blockerOf(site, widget, state);
  const off = widget.schedule ? offSchedule(widget.schedule, page.now) : null;
  const idOf = (name: string) => site.widgets.find(({ slug }) => slug === name)?.id;
  return {
    widget: id,
    open,
    visit: page,
    reasons: [
      {
        rule: 'targeting',
        holds: widget.targets(page),
        outcome: explainTargeting(widget.targeting, page, { idOf }),
      },
      ...(widget.schedule ? [{ rule: 'schedule', holds: off === null, off } as const] : []),
      { rule: 'pause', holds: pause === null, pause },
      {
        rule: 'triggers',
        holds: open || wants(widget, state),
        all: 'all' in widget.triggers,
        triggers: triggersOf(widget).map((trigger) => ({ trigger, fired: hasFired(widget, trigger, state) })),
      },
      { rule: 'place', holds: blocker === undefined, ...(blocker && { blocker }) },
    ],
  };
}

/** What keeps a widget away, in one word: the first of its rules that does, and for its place what stands in the way. */
export type Lost = 'targeting' | 'schedule' | 'pause' | 'triggers' | Blocker['by'];

/** The first rule that keeps a widget away now; `null` where it is there. The same as `explain` says, without its words. */
export function lostTo(site: SiteRules, widget: CompiledRules, state: MachineState): Lost | null {
  const { page } = state;
  if (!page || state.open.includes(widget.id)) return null;
  if (!widget.targets(page)) return 'targeting';
  if (widget.schedule && offSchedule(widget.schedule, page.now)) return 'schedule';
  if (pausedBy(widget, state.memory, page.now)) return 'pause';
  if (!wants(widget, state)) return 'triggers';
  return blockerOf(site, widget, state)?.by ?? null;
}
