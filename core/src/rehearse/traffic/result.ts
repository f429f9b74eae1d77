import { aheadAt, type ZoneTable } from '../../base/time/index.js';
import { lostTo, type Lost, type MachineState, type SiteRules } from '../../behaviour/index.js';
import type { Counter } from './play.js';

/** What became of one widget. */
export interface WidgetResult {
  widget: string;
  /** How many visitors have seen it, and how often it appeared in all. */
  reach: number;
  shown: number;
  submitted: number;
  /** Half of those who saw it saw it so soon, and nine in ten, ms after reaching the page; `null` where nobody did. */
  appears: { half: number; most: number } | null;
  /** How often it appeared on each page, and in each hour of the site’s day, by their places. */
  pages: number[];
  hours: number[];
  /** Why it was not there when visitors left a page, and how often. */
  lost: Partial<Record<Lost, number>>;
}

export interface TrafficResult {
  visitors: number;
  visits: number;
  pageViews: number;
  /** How many visits had none, one, two … interruptions; the last are so many or more. */
  interruptions: number[];
  widgets: WidgetResult[];
}

const mostInterruptions = 5;
const hourMs = 3_600_000;
// So many waits are kept of a widget: a share of them says as much as all.
const mostWaits = 4000;

/** Counts what visitors meet. */
export class Tally implements Counter {
  #visitors = 0;
  #visits = 0;
  #pageViews = 0;
  readonly #interruptions = Array.from({ length: mostInterruptions + 1 }, () => 0);
  readonly #of = new Map<string, WidgetResult & { waits: number[]; seenBy: number }>();

  constructor(
    private readonly site: SiteRules,
    pages: number,
    private readonly zone: ZoneTable,
  ) {
    for (const { id } of site.widgets)
      this.#of.set(id, {
        widget: id,
        reach: 0,
        shown: 0,
        submitted: 0,
        appears: null,
        pages: Array.from({ length: pages }, () => 0),
        hours: Array.from({ length: 24 }, () => 0),
        lost: {},
        waits: [],
        seenBy: -1,
      });
  }

  /** Another visitor comes. */
  visitor(): void {
    this.#visitors++;
  }

  /** They begin a visit. */
  visit(): void {
    this.#visits++;
  }

  /** A widget has appeared to them. */
  shown(widget: string, page: number, after: number, at: number): void {
    const of = this.#of.get(widget);
    if (!of) return;
    of.shown++;
    of.pages[page] = (of.pages[page] ?? 0) + 1;
    const hour = Math.floor((at + aheadAt(this.zone, at)) / hourMs) % 24;
    of.hours[hour] = (of.hours[hour] ?? 0) + 1;
    if (of.waits.length < mostWaits) of.waits.push(after);
    if (of.seenBy !== this.#visitors) of.reach++;
    of.seenBy = this.#visitors;
  }

  /** They have submitted it. */
  submitted(widget: string): void {
    const of = this.#of.get(widget);
    if (of) of.submitted++;
  }

  /** They leave a page. */
  left(state: MachineState): void {
    this.#pageViews++;
    for (const widget of this.site.widgets) {
      const why = lostTo(this.site, widget, state);
      if (!why) continue;
      const { lost } = this.#of.get(widget.id) as WidgetResult;
      lost[why] = (lost[why] ?? 0) + 1;
    }
  }

  /** The visit has ended. */
  ended(interruptions: number): void {
    const at = Math.min(interruptions, mostInterruptions);
    this.#interruptions[at] = (this.#interruptions[at] ?? 0) + 1;
  }

  /** What has been counted so far. */
  get result(): TrafficResult {
    return {
      visitors: this.#visitors,
      visits: this.#visits,
      pageViews: this.#pageViews,
      interruptions: [...this.#interruptions],
      widgets: [...this.#of.values()].map(({ waits, seenBy: _, ...of }) => {
        const sorted = [...waits].sort((a, b) => a - b);
        const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)] ?? 0;
        return { ...of, appears: sorted.length > 0 ? { half: at(0.5), most: at(0.9) } : null };
      }),
    };
  }
}
