import { everything, fitting, gallery } from './gallery.js';

const time = { now: Date.UTC(2026, 10, 25), zone: 'Europe/London' };
const shipped = gallery([], time);
const mine = { ...(shipped[3] as (typeof shipped)[number]), id: 'st_1', says: 'Our winter one', siteId: 's' };
const all = gallery([mine], time);

test('the site’s own come first', () => {
  expect(all.length).toBe(shipped.length + 1);
  expect(all[0]).toMatchObject({ id: 'st_1', own: true });
  expect(all.slice(1).every(({ own }) => !own)).toBe(true);
});

test.each([
  ['words', { words: 'basket full-height' }, ['basket-side']],
  ['purpose', { purpose: 'give' }, ['gift', 'gift-bar', 'volunteer']],
  ['purpose and placement', { purpose: 'members', placement: 'page' }, ['sign-in']],
  ['kind', { kind: 'countdown', placement: 'centre' }, ['offer-ends']],
  ['none', { words: 'nothing like it' }, []],
])('filtered by %s', (_, wanted, ids) => {
  expect(fitting(shipped, { ...everything, ...wanted }).map(({ id }) => id)).toEqual(ids);
});

test('sorted by name and by size', () => {
  const names = fitting(all, { ...everything, sorting: 'name' }).map(({ document }) => document.name);
  expect(names).toEqual(names.toSorted((one, other) => one.localeCompare(other)));
  const sizes = fitting(all, { ...everything, sorting: 'size' }).map(
    ({ document }) => Object.keys(document.elements).length,
  );
  expect(sizes).toEqual(sizes.toSorted((one, other) => one - other));
});
