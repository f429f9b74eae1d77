import { looksUsed, readBrand } from '../review/brand/index.js';
import { checkDocument } from '../review/check/index.js';
import { sourcesOf } from '../review/check/index.js';
import { compileWidget } from '../compile/index.js';
import { buildWidget, link, words } from '../library/sketch/index.js';
import type { WidgetDocument } from '../document/widget/index.js';
import { brandTokens, lookOf, noLook, plainBrand, resolveValue, withStandard, type Brand } from './index.js';

const look = (background: string, more = {}) => ({
  name: 'Any',
  role: 'button' as const,
  style: { box: { base: { background } } },
  ...more,
});
const brand: Brand = {
  ...plainBrand,
  looks: { calm: look('#112233', { standard: true }), loud: look('#ff0000') },
};
const button = (id: string, own = {}) => ({ ...link(id), id, ...own });
const document: WidgetDocument = buildWidget({
  name: 'Buttons',
  kind: 'cta',
  placement: { type: 'inline' },
  opening: [
    words('Hello'),
    button('plain'),
    button('chosen', { look: 'loud' }),
    button('bare', { look: noLook }),
  ],
});

describe('the standard look of a role', () => {
  it.each([
    [undefined, 'calm'],
    ['loud', 'loud'],
    [noLook, undefined],
  ])('an element that says %s has %s', (chosen, worn) => {
    expect(lookOf(brand.looks, 'button', chosen)).toBe(worn);
    expect(lookOf(brand.looks, 'text', undefined)).toBeUndefined();
  });

  it('is written for those who take it and for no others', () => {
    const { css, scenes } = compileWidget(document, brand);
    expect(css).toContain('.l-calm{background-color:#112233}');
    const classes = (id: string) =>
      new RegExp(`data-e="${id}" class="([^"]*)"`).exec(scenes.opening ?? '')?.[1];
    expect(classes('plain')).toContain('l-calm');
    expect(classes('chosen')).not.toContain('l-calm');
    expect(classes('bare')).not.toMatch(/\bl-/);
  });

  it('is where the inspector says that a value comes from, and what contrast is measured on', () => {
    const found = (id: string) =>
      resolveValue(
        sourcesOf(document, brand, id),
        'box',
        'background',
        { screen: null, state: null },
        brandTokens(brand),
      );
    expect(found('plain')).toMatchObject({ css: '#112233', origin: { level: 'look', look: 'calm' } });
    expect(found('bare')).toMatchObject({ origin: { level: 'brand' } });
    const pale = { ...brand, looks: { calm: look('#fefefe', { standard: true }) } };
    expect(checkDocument(document, pale).filter(({ text }) => /contrast/i.test(text)).length).toBeGreaterThan(
      checkDocument(document, plainBrand).filter(({ text }) => /contrast/i.test(text)).length,
    );
  });

  it('an inline box and a form take theirs as well', () => {
    const looks = {
      wall: {
        name: 'Wall',
        role: 'panel' as const,
        style: { body: { base: { background: '#abcdef' } } },
        standard: true,
      },
    };
    const { css } = compileWidget(document, { ...plainBrand, looks });
    expect(css).toContain('.scene{background-color:#abcdef');
    expect(css).toContain('overflow:clip');
  });

  it('is one of a role: another takes its place', () => {
    const next = withStandard(brand.looks, 'loud', true);
    expect([next['calm']?.standard, next['loud']?.standard]).toEqual([undefined, true]);
    expect(withStandard(next, 'loud', false)['loud']?.standard).toBeUndefined();
    const both = {
      ...brand,
      looks: { calm: look('#111111', { standard: true }), loud: look('#222222', { standard: true }) },
    };
    expect(readBrand(both)).toMatchObject({ ok: false, problems: [{ path: 'looks.loud.standard' }] });
  });

  it('no look may be called what says that there is none', () => {
    expect(readBrand({ ...brand, looks: { [noLook]: look('#111111') } }).ok).toBe(false);
  });

  it('is counted for those who take it', () => {
    expect([...looksUsed(document, brand)]).toEqual([
      ['calm', 1],
      ['loud', 1],
    ]);
  });
});
