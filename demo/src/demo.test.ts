import { compileWidget } from '@sirene/core/render';
import { checkDocument } from '@sirene/core/check';
import { completeBrand } from '@sirene/core/style';
import { validateDocument } from '@sirene/core/widget';
import { askTheObservatory, brand, skyLetter } from './data/larkmoor.js';
import { counts, signups } from './data/submissions.js';
import { pages, renderPage } from './larkmoor/site.js';

test.each([
  ['Sky letter', skyLetter],
  ['Ask the observatory', askTheObservatory],
])('%s is sound: accepted, compiled, and with nothing to mend', (_, document) => {
  expect(validateDocument(JSON.parse(JSON.stringify(document)))).toMatchObject({ ok: true });
  const whole = completeBrand(brand);
  expect(checkDocument(document, whole)).toEqual([]);
  expect(compileWidget(document, whole).css).toContain('Fraunces');
});

test('the demo data is the same every time', () => {
  expect(signups(20, 'http://x.example', 9)).toEqual(signups(20, 'http://x.example', 9));
  expect(counts(60, 40, 0.03, 3)).toEqual(counts(60, 40, 0.03, 3));
  expect(new Set(signups(200, 'http://x.example', 9).map(({ id }) => id)).size).toBe(200);
});

test('no mail address of the demo is real', () => {
  const all =
    JSON.stringify([skyLetter, askTheObservatory, signups(50, 'http://x.example', 9)]) +
    pages.map((page) => renderPage(page, '')).join('');
  const addresses = all.match(/[\w.+-]+@[\w.-]+\w/g) ?? [];
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
