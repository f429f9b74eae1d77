import type { ListedWidget } from '../shared/api/index.js';
import { matching, type Wanted } from './matching.js';

const widget = (name: string, more: Partial<ListedWidget> = {}): ListedWidget => ({
  id: name,
  siteId: 's',
  slug: name,
  name,
  kind: 'popup',
  placement: 'centre',
  sentence: `${name} appears at once, on all pages.`,
  draftVersion: 1,
  draftSavedAt: 0,
  publishedNumber: null,
  changedSince: false,
  collects: true,
  shown: 0,
  submitted: 0,
  ...more,
});

const all = [
  widget('Zodiac', { publishedNumber: 1, shown: 5, draftSavedAt: 30 }),
  widget('Aurora', { publishedNumber: 2, changedSince: true, shown: 9, submitted: 1, draftSavedAt: 10 }),
  widget('Moon', { sentence: 'Appears under /journal.', draftSavedAt: 20 }),
];

const names = (wanted: Partial<Wanted>) =>
  matching(all, { words: '', state: 'all', sorting: 'made', ...wanted }).map(({ name }) => name);

test.each([
  [{}, ['Zodiac', 'Aurora', 'Moon']],
  [{ words: 'JOURNAL moon' }, ['Moon']],
  [{ words: 'journal zodiac' }, []],
  [{ state: 'draft' }, ['Moon']],
  [{ state: 'published' }, ['Zodiac', 'Aurora']],
  [{ state: 'changed' }, ['Aurora']],
  [{ sorting: 'name' }, ['Aurora', 'Moon', 'Zodiac']],
  [{ sorting: 'edited' }, ['Zodiac', 'Moon', 'Aurora']],
  [{ sorting: 'shown' }, ['Aurora', 'Zodiac', 'Moon']],
  [{ sorting: 'submitted' }, ['Aurora', 'Zodiac', 'Moon']],
] satisfies [Partial<Wanted>, string[]][])('%j', (wanted, found) => {
  expect(names(wanted)).toEqual(found);
});
