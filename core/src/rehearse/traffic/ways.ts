import { placeOf } from '../../behaviour/index.js';
import type { PlannedPage } from '../plan/index.js';

/**
 * How visitors go through a site, section by section: how many visits begin in each, and where those go on who are in
 * one. Shares from 0 to 1; only how they relate within a row counts.
 */
export interface WayTable {
  /** The first part of the addresses of its pages: `journal`; empty for the home page, `*` for all that are left. */
  sections: readonly string[];
  entry: readonly number[];
  next: readonly (readonly number[])[];
}

/**
 * How likely each page is to be the first of a visit, and the next after another: by the places of the pages, each with
 * the weights of those before it, so that one is found by a number below the last.
 */
export interface Ways {
  entry: readonly number[];
  next: readonly (readonly number[])[];
}

/** A table of more sections can't be read; the small ones stand together. */
const mostSections = 8;
const others = '*';

/** How much likelier a page is to be the next where it is of the same section, and the home page to be the first or the next. */
const nearby = 4;
const homeFirst = 6;
const homeNext = 2;

/**
 * The ways through a site of which nothing is known but its addresses: most come in by the home page, and a page of the
 * same section is likelier to be the next than any other.
 */
export function likelyWays(pages: readonly PlannedPage[]): WayTable {
  const { sections, sizes } = sectionsIn(pages);
  const weight = (at: number, each: number) => (sizes[at] ?? 0) * each;
  return {
    sections,
    entry: shares(sections.map((section, at) => weight(at, section === '' ? homeFirst : 1))),
    next: sections.map((from, row) =>
      shares(
        sections.map((to, at) => {
          // The page that one is on is not the next.
          if (from === to) return Math.max(0, (sizes[row] ?? 0) - 1) * nearby;
          return weight(at, to === '' ? homeNext : 1);
        }),
      ),
    ),
  };
}

/** The ways from page to page that a table stands for: within a section all pages are alike. */
export function waysOf(pages: readonly PlannedPage[], { sections, entry, next }: WayTable): Ways {
  const of = pages.map((page) => placeIn(sections, page));
  const sizes = sections.map((_, section) => of.filter((one) => one === section).length);
  const each = (share: number | undefined, size: number) => (size > 0 ? (share ?? 0) / size : 0);
  const first = of.map((section) => each(entry[section], sizes[section] ?? 0));
  return {
    entry: summedUp(first.some((weight) => weight > 0) ? first : pages.map(() => 1)),
    next: of.map((from, at) =>
      summedUp(
        of.map((to, page) => {
          const isOwn = from === to;
          return page === at ? 0 : each(next[from]?.[to], (sizes[to] ?? 0) - (isOwn ? 1 : 0));
        }),
      ),
    ),
  };
}

function summedUp(weights: readonly number[]): number[] {
  let sum = 0;
  return weights.map((weight) => (sum += weight));
}

/** The page that a number from 0 up to 1 stands for; the first where no page has a weight. */
export function pageAt(sums: readonly number[], share: number): number {
  const wanted = share * (sums.at(-1) ?? 0);
  const at = sums.findIndex((sum) => wanted < sum);
  return Math.max(0, at);
}

const sectionOf = ({ address }: PlannedPage): string => placeOf(address).path.split('/')[1] ?? '';

function placeIn(sections: readonly string[], page: PlannedPage): number {
  const at = sections.indexOf(sectionOf(page));
  return at < 0 ? sections.indexOf(others) : at;
}

// The largest first, as they are of most weight; the home page before all.
function sectionsIn(pages: readonly PlannedPage[]): { sections: string[]; sizes: number[] } {
  const counts = new Map<string, number>();
  for (const page of pages) counts.set(sectionOf(page), (counts.get(sectionOf(page)) ?? 0) + 1);
  const sorted = [...counts].sort(
    ([a, one], [b, other]) => Number(b === '') - Number(a === '') || other - one,
  );
  const kept = sorted.length > mostSections ? sorted.slice(0, mostSections - 1) : sorted;
  const left = sorted.slice(kept.length).reduce((sum, [, count]) => sum + count, 0);
  const all = left > 0 ? [...kept, [others, left] as const] : kept;
  return { sections: all.map(([section]) => section), sizes: all.map(([, size]) => size) };
}

// In whole hundredths, as they are shown and edited; what is possible at all is not rounded away.
function shares(weights: readonly number[]): number[] {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (weight === 0 ? 0 : Math.max(0.01, Math.round((weight / sum) * 100) / 100)));
}
