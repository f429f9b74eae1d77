import fc from 'fast-check';
import type { PlannedPage } from '../plan/index.js';
import { likelyWays, pageAt, waysOf } from './ways.js';

const page = (path: string): PlannedPage => ({ address: `https://x.example${path}`, types: [], markers: [] });
/** The weights that sums are made of, to the thousandth. */
const weights = (sums: readonly number[]): number[] =>
  sums.map((sum, at) => Math.round((sum - (sums[at - 1] ?? 0)) * 1000) / 1000);

test.each([
  [[1, 1, 3], 0, 0],
  [[1, 1, 3], 0.4, 2],
  [[0, 2], 0, 1],
  [[1, 2], 0.999, 1],
  [[0, 0], 0.5, 0],
])('of the sums %j the share %d is page %d', (sums, share, page) => {
  expect(pageAt(sums, share)).toBe(page);
});

const site = ['/', '/journal/', '/journal/moon', '/journal/mars', '/shop/', '/shop/lamp', '/contact'].map(
  page,
);

test('the home page is where most begin, and a section goes on to itself before any other', () => {
  const { sections, entry, next } = likelyWays(site);
  expect(sections).toEqual(['', 'journal', 'shop', 'contact']);
  expect(entry).toEqual([0.5, 0.25, 0.17, 0.08]);
  expect(next[1]).toEqual([0.15, 0.62, 0.15, 0.08]);
  // Of one page there is no other to go to.
  expect(next[3]?.[3]).toBe(0);
});

test('of many sections the small ones stand together', () => {
  const many = Array.from({ length: 30 }, (_, at) =>
    [page(`/s${at}/`), page(`/s${at}/more`)].slice(0, at < 5 ? 2 : 1),
  );
  const { sections, entry } = likelyWays(many.flat());
  expect(sections).toEqual(['s0', 's1', 's2', 's3', 's4', 's5', 's6', '*']);
  expect(entry.at(-1)).toBeGreaterThan(0.5);
});

test('the pages of a section share what the table says of it', () => {
  const table = likelyWays(site);
  const { entry, next } = waysOf(site, table);
  expect(weights(entry).slice(1, 4)).toEqual([0.083, 0.083, 0.083]);
  expect(weights(next[2] ?? [])).toEqual([0.15, 0.31, 0, 0.31, 0.075, 0.075, 0.08]);
});

test('who begins nowhere begins anywhere', () => {
  const { sections, next } = likelyWays(site);
  expect(waysOf(site, { sections, next, entry: sections.map(() => 0) }).entry).toEqual([1, 2, 3, 4, 5, 6, 7]);
});

test('whatever the addresses, every page has its weights, none leads to itself, and each can be reached', () => {
  const paths = fc.array(fc.stringMatching(/^(\/[a-c]?){0,3}$/), { minLength: 1, maxLength: 40 });
  fc.assert(
    fc.property(paths, (given) => {
      const pages = given.map(page);
      const ways = waysOf(pages, likelyWays(pages));
      const [entry, next] = [weights(ways.entry), ways.next.map(weights)];
      expect(entry).toHaveLength(pages.length);
      expect(entry.every((weight) => weight > 0 && Number.isFinite(weight))).toBe(true);
      for (const [at, row] of next.entries()) {
        expect(row[at]).toBe(0);
        expect(row.every((weight, to) => to === at || (weight > 0 && Number.isFinite(weight)))).toBe(true);
      }
    }),
  );
});
