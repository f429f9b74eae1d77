import { Ajv2020 } from 'ajv/dist/2020.js';
import { compileWidget } from '@sirene/core/compile';
import { checkDocument } from '@sirene/core/review/check';
import { completeBrand } from '@sirene/core/style';
import { validateDocument, widgetSchema } from '@sirene/core/document/widget';
import { readBrand } from '@sirene/core/review/brand';
import { assets } from './data/assets.js';
import { brand } from './data/brand.js';
import { widgets } from './data/larkmoor.js';
import { counts, evenings, questions, sentByDay, signups, visits } from './data/submissions.js';
import { courseLetter, courseReaders, weaversBrand } from './data/weavers.js';
import { pages, renderPage } from './larkmoor/site.js';

// As they are once the uploads that they name have been brought in.
const brought = <T>(value: T) =>
  JSON.parse(
    JSON.stringify(value).replace(/asset:@([a-z-]+)/g, 'asset:0123456789abcdef01234567/full.svg'),
  ) as T;
const whole = completeBrand(brought(brand));
const asPublished = new Ajv2020({ strict: true }).compile(widgetSchema());
const all = widgets(Date.UTC(2026, 10, 25)).map(
  ({ document }) => [document.name, brought(document)] as const,
);

test.each(all)('%s is sound: accepted, compiled, and with nothing to mend', (_, document) => {
  expect(validateDocument(document)).toMatchObject({ ok: true });
  expect(asPublished(document) || asPublished.errors).toBe(true);
  expect(checkDocument(document, whole).map(({ text }) => text)).toEqual([]);
  expect(Object.keys(compileWidget(document, whole).scenes)).toContain('opening');
});

test('the brands are sound, and so is what the second site has', () => {
  for (const one of [brand, weaversBrand])
    expect(readBrand({ looks: {}, fonts: [], ...brought(one) })).toMatchObject({ ok: true });
  expect(validateDocument(courseLetter)).toMatchObject({ ok: true });
  expect(checkDocument(courseLetter, completeBrand(weaversBrand)).map(({ text }) => text)).toEqual([]);
  expect(new Set(courseReaders.map(({ id }) => id)).size).toBe(courseReaders.length);
});

test('every upload that is named is there, and every marker of the site has its widget', () => {
  const named = new Set(
    JSON.stringify([brand, widgets(0)])
      .match(/asset:@[a-z-]+/g)
      ?.map((name) => name.slice('asset:@'.length)),
  );
  expect([...named].sort()).toEqual(assets.map(({ name }) => name).sort());
  const markers = pages.flatMap(({ content }) =>
    [...content.matchAll(/data-sirene="([^"]+)"/g)].map(([, slug]) => slug),
  );
  const inline = all.filter(([, { placement }]) => placement.type === 'inline');
  expect(markers.sort()).toEqual(inline.map(([name]) => name.toLowerCase().replace(/[^a-z]+/g, '-')).sort());
});

test('the demo data is the same every time', () => {
  expect(signups(20, 'http://x.example', 9)).toEqual(signups(20, 'http://x.example', 9));
  expect(visits('http://x.example', 5, 0)).toEqual(visits('http://x.example', 5, 0));
  expect(evenings(20, 'http://x.example', 9)).toEqual(evenings(20, 'http://x.example', 9));
  expect(questions('http://x.example', 9)).toEqual(questions('http://x.example', 9));
  expect(counts(60, 40, 0.03, 3)).toEqual(counts(60, 40, 0.03, 3));
  expect(new Set(signups(200, 'http://x.example', 9).map(({ id }) => id)).size).toBe(200);
});

test('what is counted as sent is what the inbox holds, day by day, within the sixty days', () => {
  const now = Date.UTC(2026, 10, 25, 3);
  const sent = signups(74, 'http://x.example', 9);
  const days = counts(60, 2, sentByDay([...sent, { widget: 'Other', ago: 0 }], 'Sky letter', now), 3);
  expect(days.reduce((sum, { submitted }) => sum + submitted, 0)).toBe(74);
  expect(days.every(({ shown, submitted }) => shown >= submitted)).toBe(true);
  const peak = days.toSorted((a, b) => b.submitted - a.submitted)[0];
  expect([23, 24]).toContain(peak?.ago);
});

test('no mail address of the demo is real', () => {
  const text =
    JSON.stringify([
      widgets(0),
      courseLetter,
      courseReaders,
      signups(50, 'http://x.example', 9),
      visits('http://x.example', 5, 0),
    ]) + pages.map((page) => renderPage(page, '')).join('');
  const addresses = text.match(/[\w.+-]+@[\w.-]+\w/g) ?? [];
  expect(addresses.length).toBeGreaterThan(20);
  for (const address of addresses) expect(address).toMatch(/\.example$/);
});

test('every link of the site leads to a page of the site', () => {
  const paths = new Set(pages.map(({ path }) => path));
  for (const page of pages) {
    for (const [, to] of renderPage(page, '').matchAll(/<a [^>]*href="(\/[^"]*)"/g))
      expect(paths).toContain(to);
  }
});
