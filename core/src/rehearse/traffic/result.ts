import { aheadAt, type ZoneTable } from '../../base/time/index.js';
import {
  lostTo,
  type CompiledRules,
  type Lost,
  type MachineState,
  type SiteRules,
} from '../../behaviour/index.js';
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

/** What has been counted of some of the visitors: counts of all of them together are those of the whole traffic. */
export interface TrafficCount extends Omit<TrafficResult, 'widgets'> {
  widgets: WidgetCount[];
}

interface WidgetCount extends Omit<WidgetResult, 'appears'> {
  /** How often it appeared after so many tenths of a second. */
  waits: Record<number, number>;
}

/** What is counted of a widget while visitors are played. */
interface Counted extends WidgetCount {
  /** The visitor who has seen it last, by their number, and on how many page views it was among those that may appear. */
  seenBy: number;
  here: number;
}

const mostInterruptions = 5;
const hourMs = 3_600_000;
const waitMs = 100;

/** Counts what visitors meet. */
export class Tally implements Counter {
  #visitors = 0;
  #visits = 0;
  #pageViews = 0;
  readonly #interruptions = Array.from({ length: mostInterruptions + 1 }, () => 0);
  /** In the order of the site's widgets. */
  readonly #widgets: readonly Counted[];
  readonly #of: ReadonlyMap<string, Counted>;

  constructor(
    private readonly site: SiteRules,
    pages: number,
    private readonly zone: ZoneTable,
  ) {
    this.#widgets = site.widgets.map(({ id }) => ({
      widget: id,
      reach: 0,
      shown: 0,
      submitted: 0,
      waits: {},
      pages: Array.from({ length: pages }, () => 0),
      hours: Array.from({ length: 24 }, () => 0),
      lost: {},
      seenBy: -1,
      here: 0,
    }));
    this.#of = new Map(this.#widgets.map((one) => [one.widget, one]));
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
    const wait = Math.round(after / waitMs);
    of.waits[wait] = (of.waits[wait] ?? 0) + 1;
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
    for (const index of state.here) {
      const of = this.#widgets[index] as Counted;
      of.here++;
      const why = lostTo(this.site, this.site.widgets[index] as CompiledRules, state);
      if (why) of.lost[why] = (of.lost[why] ?? 0) + 1;
    }
  }

  /** The visit has ended. */
  ended(interruptions: number): void {
    const at = Math.min(interruptions, mostInterruptions);
    this.#interruptions[at] = (this.#interruptions[at] ?? 0) + 1;
  }

  /** What has been counted so far. */
  get count(): TrafficCount {
    return {
      visitors: this.#visitors,
      visits: this.#visits,
      pageViews: this.#pageViews,
      interruptions: [...this.#interruptions],
      widgets: this.#widgets.map(({ seenBy: _, here, lost, ...of }) => {
        // On all other pages it was known on arriving already that the page is not theirs, and nobody here opens any by hand.
        const elsewhere = this.#pageViews - here;
        const targeting = (lost.targeting ?? 0) + elsewhere;
        return { ...of, lost: targeting > 0 ? { ...lost, targeting } : lost };
      }),
    };
  }
}

/** What has been counted of all of the visitors, from what has been counted of each part of them. */
export function resultOf([first, ...others]: readonly [TrafficCount, ...TrafficCount[]]): TrafficResult {
  const { widgets, ...whole } = others.reduce(
    (sum, part): TrafficCount => ({
      visitors: sum.visitors + part.visitors,
      visits: sum.visits + part.visits,
      pageViews: sum.pageViews + part.pageViews,
      interruptions: addLists(sum.interruptions, part.interruptions),
      widgets: sum.widgets.map((of, at) => addWidgets(of, part.widgets[at] as WidgetCount)),
    }),
    first,
  );
  return { ...whole, widgets: widgets.map(({ waits, ...of }) => ({ ...of, appears: appearsOf(waits) })) };
}

const addWidgets = (one: WidgetCount, other: WidgetCount): WidgetCount => ({
  widget: one.widget,
  reach: one.reach + other.reach,
  shown: one.shown + other.shown,
  submitted: one.submitted + other.submitted,
  pages: addLists(one.pages, other.pages),
  hours: addLists(one.hours, other.hours),
  lost: addCounts(one.lost, other.lost),
  waits: addCounts(one.waits, other.waits),
});

const addLists = (one: readonly number[], other: readonly number[]): number[] =>
  one.map((value, at) => value + (other[at] ?? 0));

function addCounts<C extends Partial<Record<PropertyKey, number>>>(one: C, other: C): C {
  const sum = new Map<string, number>(Object.entries(one as Record<string, number>));
  for (const [key, value] of Object.entries(other as Record<string, number>))
    sum.set(key, (sum.get(key) ?? 0) + value);
  return Object.fromEntries(sum) as C;
}

function appearsOf(waits: Record<number, number>): WidgetResult['appears'] {
  const counted = Object.entries(waits).map(([wait, count]) => [Number(wait), count] as const);
  const all = counted.reduce((sum, [, count]) => sum + count, 0);
  if (all === 0) return null;
  const at = (share: number) => {
    let left = Math.floor((all - 1) * share);
    const [wait = 0] = counted.sort(([a], [b]) => a - b).find(([, count]) => (left -= count) < 0) ?? [];
    return wait * waitMs;
  };
  return { half: at(0.5), most: at(0.9) };
}
