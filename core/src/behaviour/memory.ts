import { isGroup } from '../base/maps/index.js';
import type { PageFacts } from './facts.js';

/** A visit ends when no page has been seen for so long, ms. */
export const visitGapMs = 30 * 60_000;

/** What is remembered of one widget for one visitor. Times in ms since the epoch. */
export interface WidgetMemory {
  /** When it last appeared, and in which visit and on which page view. */
  shownAt?: number;
  shownVisit?: number;
  shownPage?: number;
  /** How often it has appeared in all. */
  shownTimes?: number;
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
  /** When this visit began. */
  visitAt: number;
  /** The host of the site that led to this visit; empty where none did. */
  from: string;
  /** The campaign parameters that this visit came with. */
  campaign: Readonly<Record<string, string>>;
  /** How often widgets have interrupted this visit, and when the last of them went, ms since the epoch. */
  interruptions: number;
  quietSince: number | null;
  widgets: Record<string, WidgetMemory>;
}

/** The memory of a visitor who was never here. */
export const noMemory: Memory = {
  visits: 0,
  pages: 0,
  allPages: 0,
  lastAt: 0,
  visitAt: 0,
  from: '',
  campaign: {},
  interruptions: 0,
  quietSince: null,
  widgets: {},
};

/**
 * A memory as it was kept in a visitor's browser, where anything may have been written: what does not fit is dropped.
 *
 * @returns `undefined` where it is no memory at all
 */
export function readMemory(value: unknown): Memory | undefined {
  if (!isGroup(value) || !Number.isFinite(value['visits'])) return undefined;
  const { from, campaign, widgets } = value;
  return {
    ...noMemory,
    ...numbersIn(value),
    from: isText(from) ? from : '',
    campaign: entriesOf(campaign, (one) => (isText(one) ? one : undefined)),
    widgets: entriesOf(widgets, numbersIn),
  };
}

const isText = (value: unknown): value is string => typeof value === 'string';

/** The entries that can be read; none of what is no group of them. */
function entriesOf<T>(value: unknown, read: (one: unknown) => T | undefined): Record<string, T> {
  const entries = Object.entries(isGroup(value) ? value : {}).map(
    ([name, one]) => [name, read(one)] as const,
  );
  return Object.fromEntries(entries.filter(([, one]) => one !== undefined)) as Record<string, T>;
}

const numbersIn = (value: unknown) =>
  entriesOf(value, (one) => (Number.isFinite(one) ? (one as number) : undefined));

/** Counts one more page view, and one more visit when the last one has ended; a visit keeps where it came from. */
export function rememberArrival(
  memory: Memory,
  at: number,
  { from, campaign }: Pick<PageFacts, 'from' | 'campaign'>,
): Memory {
  const same = memory.visits > 0 && at - memory.lastAt < visitGapMs;
  const begun = { visits: memory.visits + 1, pages: 0, visitAt: at, from, interruptions: 0 };
  const visit = same ? memory : { ...memory, ...begun };
  return {
    ...visit,
    pages: visit.pages + 1,
    allPages: visit.allPages + 1,
    lastAt: at,
    // A campaign that is followed in the middle of a visit takes the place of the one before.
    campaign: same && Object.keys(campaign).length === 0 ? memory.campaign : campaign,
  };
}
