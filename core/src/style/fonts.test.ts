import { completeBrand, fontsIn, readShadowText, shippedFonts, type Brand } from './index.js';

const brand = (more: Partial<Brand> = {}) =>
  completeBrand({
    tokens: { font: { $type: 'fontFamily', title: { $value: ['Fraunces', 'serif'] } } },
    ...more,
  });
const own = {
  family: 'Moor Sans',
  src: 'asset:0123456789abcdef/font.woff2',
  weight: '400',
  style: 'normal' as const,
};
const families = (css: string, of = brand()) => fontsIn(of, css).map(({ family }) => family);

test.each([
  ['.a{font-family:var(--font-title)}', ['Fraunces']],
  ['.a{font-family:"Space Grotesk", sans-serif}', ['Space Grotesk']],
  ['.a{font-family:lora,serif}.b{font-family:Lora}', ['Lora']],
  ['.a{font-family:system-ui}', []],
  ['.a{font-family:var(--font-unknown)}', []],
  ['.a{color:red}', []],
])('%s needs %j', (css, needed) => {
  expect(families(css)).toEqual(needed);
});

test('the site’s own come first, and in place of one that ships under the same name', () => {
  const mine = { ...own, family: 'Fraunces' };
  expect(
    fontsIn(brand({ fonts: [own, mine] }), '.a{font-family:Fraunces}.b{font-family:"Moor Sans"}'),
  ).toEqual([own, mine]);
});

test('every typeface that ships is a file of its own', () => {
  expect(new Set(shippedFonts.map(({ src }) => src)).size).toBe(shippedFonts.length);
  for (const { src, weight } of shippedFonts) {
    expect(src).toMatch(/^fonts:[a-z0-9-]+\.woff2$/);
    expect(weight).toMatch(/^\d+ \d+$/);
  }
});

describe('a shadow written as CSS', () => {
  const px = (value: number) => ({ value, unit: 'px' });

  it('is read into layers', () => {
    expect(readShadowText('inset 0 1px 2px 3px #ff0000, 4px 5px rgb(0 0 0 / 0.5)')).toEqual([
      {
        color: { colorSpace: 'srgb', components: [1, 0, 0], hex: '#ff0000' },
        offsetX: px(0),
        offsetY: px(1),
        blur: px(2),
        spread: px(3),
        inset: true,
      },
      {
        color: { colorSpace: 'srgb', components: [0, 0, 0], alpha: 0.5 },
        offsetX: px(4),
        offsetY: px(5),
        blur: px(0),
        spread: px(0),
      },
    ]);
  });

  it.each([
    ['none', []],
    ['0 0', null],
    ['red', null],
    ['0 0 4px notacolour', null],
  ])('%s is %j', (text, layers) => {
    expect(readShadowText(text)).toEqual(layers);
  });
});
