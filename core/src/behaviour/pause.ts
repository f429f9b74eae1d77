import { valueAt } from '../base/maps/index.js';
import { dayMs } from '../base/time/weekdays.js';
import type { Memory, WidgetMemory } from './memory.js';
import type { CompiledRules, Frequency, Returning } from './rules.js';

/** The reason why a widget may not appear again, or `null` when it may. */
export type Pause = 'submitted' | 'elsewhere' | 'closed' | 'frequency' | 'most';

/** Whether what the visitor did before keeps a widget away, and why. */
export function pausedBy(widget: CompiledRules, memory: Memory, now: number): Pause | null {
  for (const id of widget.actedElsewhere)
    if (valueAt(memory.widgets, id)?.submittedAt !== undefined) return 'elsewhere';
  const past = valueAt(memory.widgets, widget.id);
  if (!past) return null;
  if (resting(past.submittedAt, widget.returning.afterSubmitting, now)) return 'submitted';
  if (resting(past.closedAt, widget.returning.afterClosing, now)) return 'closed';
  if (past.shownAt === undefined) return null;
  const { most } = widget.frequency;
  if (most !== undefined && (past.shownTimes ?? 1) >= most) return 'most';
  return tooSoon(widget.frequency, past, memory, now) ? 'frequency' : null;
}

function resting(at: number | undefined, days: Returning['afterClosing'], now: number): boolean {
  return at !== undefined && (days === null || now - at < days * dayMs);
}

function tooSoon(frequency: Frequency, past: WidgetMemory, memory: Memory, now: number): boolean {
  if (frequency.per === 'page') return past.shownPage === memory.allPages;
  if (frequency.per === 'visit') return past.shownVisit === memory.visits;
  return now - (past.shownAt ?? 0) < frequency.days * dayMs;
}
