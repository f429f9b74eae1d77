import { isGroup, valueAt } from '../base/maps/index.js';
import type { CompiledRules, Frequency, Returning } from './rules.js';

export const dayMs = 86_400_000;

/** A visit ends when no page has been seen for so long, ms. */
export const visitGapMs = 30 * 60_000;

/** What is remembered of one widget for one visitor. Times in ms since the epoch. */
export interface WidgetMemory {
  /** When it last appeared, and in which visit and on which page view. */
  shownAt?: number;
  shownVisit?: number;
  shownPage?: number;
  closedAt?: number;
  submittedAt?: number;
}

/** What is remembered of one visitor on one site, kept in their browser only. */
export interface Memory {
  visits: number;
  /** Page views in this visit, and in all. */
  pages: number;
  allPages: number;
  lastAt: number;
  widgets: Record<string, WidgetMemory>;
}

/** The memory of a visitor who was never here. */
export const noMemory: Memory = { visits: 0, pages: 0, allPages: 0, lastAt: 0, widgets: {} };

/**
 * A memory as it was kept in a visitor's browser, where anything may have been written: what does not fit is dropped.
 *
 * @returns `undefined` where it is no memory at all
 */
export function readMemory(value: unknown): Memory | undefined {
  if (!isGroup(value)) return undefined;
  const { visits, pages = 0, allPages = 0, lastAt = 0 } = numbersIn(value);
  if (visits === undefined) return undefined;
  const given = value['widgets'];
  const widgets = Object.entries(isGroup(given) ? given : {}).map(([id, past]) => [id, numbersIn(past)]);
  return { visits, pages, allPages, lastAt, widgets: Object.fromEntries(widgets) as Memory['widgets'] };
}

function numbersIn(value: unknown): Record<string, number> {
  const sound = Object.entries(isGroup(value) ? value : {}).filter(([, one]) => Number.isFinite(one));
  return Object.fromEntries(sound) as Record<string, number>;
}

/** Counts one more page view, and one more visit when the last one has ended. */
export function rememberArrival(memory: Memory, at: number): Memory {
  const same = memory.visits > 0 && at - memory.lastAt < visitGapMs;
  return {
    ...memory,
    visits: memory.visits + (same ? 0 : 1),
    pages: same ? memory.pages + 1 : 1,
    allPages: memory.allPages + 1,
    lastAt: at,
  };
}

/** The reason why a widget may not appear again, or `null` when it may. */
export type Pause = 'submitted' | 'closed' | 'frequency';

/** Whether what the visitor did before keeps a widget away, and why. */
export function pausedBy(widget: CompiledRules, memory: Memory, now: number): Pause | null {
  const past = valueAt(memory.widgets, widget.id);
  if (!past) return null;
  if (resting(past.submittedAt, widget.returning.afterSubmitting, now)) return 'submitted';
  if (resting(past.closedAt, widget.returning.afterClosing, now)) return 'closed';
  return past.shownAt !== undefined && tooSoon(widget.frequency, past, memory, now) ? 'frequency' : null;
}

function resting(at: number | undefined, days: Returning['afterClosing'], now: number): boolean {
  return at !== undefined && (days === null || now - at < days * dayMs);
}

function tooSoon(frequency: Frequency, past: WidgetMemory, memory: Memory, now: number): boolean {
  if (frequency.per === 'page') return past.shownPage === memory.allPages;
  if (frequency.per === 'visit') return past.shownVisit === memory.visits;
  return now - (past.shownAt ?? 0) < frequency.days * dayMs;
}
