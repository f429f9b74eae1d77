import fc from 'fast-check';
import {
  brandTokens,
  completeBrand,
  conditionsHolding,
  contrast,
  hexOf,
  opacityOf,
  withOpacity,
  levels,
  luminance,
  nearestReadable,
  neededContrast,
  over,
  plainBrand,
  readTokens,
  resolveValue,
  srgb,
  TokenError,
  valueCss,
  valueProblem,
  styleProperties,
  type StyleSources,
  type StyleProperty,
} from './index.js';

const tokens = brandTokens(completeBrand(null));
const rest = { screen: null, state: null } as const;
const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('tokens', () => {
  test('aliases are followed, and groups hand down their type', () => {
    const read = readTokens({
      color: { $type: 'color', ink: { $value: srgb('#102030') }, text: { $value: '{color.ink}' } },
    });
    expect(read.get('color.text')).toEqual({ path: 'color.text', type: 'color', css: '#102030' });
  });

  test.each([
    ['itself', { a: { $value: '{a}' } }, 'a'],
    ['a circle', { a: { $value: '{b}' }, b: { $value: '{c}' }, c: { $value: '{a}' } }, 'a'],
    ['nothing', { a: { $value: '{missing.token}' } }, 'a'],
  ])('an alias to %s is refused and named', (_, tree, path) => {
    expect(() => readTokens(tree)).toThrow(TokenError);
    expect(() => readTokens(tree)).toThrow(expect.objectContaining({ path }) as Error);
  });

  test('a site’s brand replaces values and keeps every other name', () => {
    const brand = completeBrand({ tokens: { color: { accent: { $value: srgb('#ff0000') } } } });
    const read = brandTokens(brand);
    expect(read.get('color.accent')?.css).toBe('#ff0000');
    expect(read.get('color.ink')?.css).toBe(tokens.get('color.ink')?.css);
    expect(read.size).toBe(readTokens(plainBrand.tokens).size);
  });
});

describe('the cascade', () => {
  const sheet = (value: string, condition = 'base') => ({ box: { [condition]: { background: value } } });
  const of = (sources: Partial<StyleSources>, wanted: Parameters<typeof resolveValue>[3] = rest) =>
    resolveValue({ role: 'button', ...sources }, 'box', 'background', wanted, tokens);

  test.each([
    [{}, 'brand', '#20566b'],
    [{ looks: [{ id: 'loud', style: sheet('#111111') }] }, 'look', '#111111'],
    [{ looks: [{ id: 'loud', style: sheet('#111111') }], widget: sheet('#222222') }, 'widget', '#222222'],
    [{ widget: sheet('#222222'), element: sheet('#333333') }, 'element', '#333333'],
  ])('the strongest level wins and is named (%#)', (sources, level, css) => {
    expect(of(sources)).toMatchObject({ css, origin: { level, condition: 'base' } });
    expect(levels).toContain(level);
  });

  test('a value from the brand names its token', () => {
    expect(of({})?.origin.token).toBe('color.accent');
  });

  test('a state outranks rest, and a narrow screen a wide one, whatever the level', () => {
    const element = sheet('#333333');
    expect(of({ element }, { screen: null, state: 'hover' })).toMatchObject({
      css: '#163f4f',
      origin: { level: 'brand' },
    });
    const both = { element, widget: { box: { small: { background: '#444444' } } } };
    expect(of(both, { screen: 'small', state: null })).toMatchObject({
      css: '#444444',
      origin: { condition: 'small' },
    });
    expect(of(both)?.css).toBe('#333333');
  });

  test('what holds on a small screen under the pointer, strongest first', () => {
    const expected = ['small hover', 'medium hover', 'hover', 'small', 'medium', 'base'];
    expect(conditionsHolding({ screen: 'small', state: 'hover' })).toEqual(expected);
  });

  test('a property that no level sets has no value', () => {
    expect(resolveValue({ role: 'text' }, 'box', 'background', rest, tokens)).toBeNull();
  });
});

describe('contrast', () => {
  // Pairs and ratios as WCAG 2.2's own formula gives them.
  test.each([
    ['#000000', '#ffffff', 21],
    ['#777777', '#ffffff', 4.48],
    ['#767676', '#ffffff', 4.54],
    ['#0000ff', '#ffffff', 8.59],
  ])('%s on %s is %d', (one, other, ratio) => {
    expect(contrast(one, other)).toBeCloseTo(ratio, 1);
  });

  test.each([
    ['color(srgb 0.05 0.055 0.18 / 0.5)', '#0d0e2e80'],
    ['rgb(255 0 0)', '#ff0000'],
    ['#ABC', '#aabbcc'],
    ['', ''],
    ['none', 'none'],
  ])('%s is written as %s', (colour, hex) => {
    expect(hexOf(colour)).toBe(hex);
  });

  it.each([
    ['#20566b', 0.5, '#20566b80'],
    ['#20566b80', 1, '#20566b'],
    ['rgb(255 0 0)', 0, '#ff000000'],
    ['#20566b', 7, '#20566b'],
    ['nothing', 0.5, 'nothing'],
  ])('%s hiding %f of what is behind it is %s', (colour, share, hex) => {
    expect(withOpacity(colour, share)).toBe(hex);
    if (hex !== colour) expect(opacityOf(hex)).toBeCloseTo(Math.min(1, share), 2);
  });

  test('it is the same both ways, and between 1 and 21', () => {
    fc.assert(
      fc.property(hex, hex, (one, other) => {
        const ratio = contrast(one, other);
        expect(ratio).toBeCloseTo(contrast(other, one), 10);
        expect(ratio).toBeGreaterThanOrEqual(1);
        expect(ratio).toBeLessThanOrEqual(21.001);
      }),
    );
  });

  test('the nearest readable colour can be read, and what can be read is left alone', () => {
    fc.assert(
      fc.property(hex, hex, fc.constantFrom(3, 4.5), (colour, background, needed) => {
        const repaired = nearestReadable(colour, background, needed);
        expect(contrast(repaired, background)).toBeGreaterThanOrEqual(needed - 0.01);
        if (contrast(colour, background) >= needed) expect(repaired).toBe(colour);
      }),
    );
  });

  test('the repair moves no further than it must', () => {
    const repaired = nearestReadable('#8a8a8a', '#ffffff', 4.5);
    expect(contrast(repaired, '#ffffff')).toBeLessThan(4.7);
    expect(luminance(repaired)).toBeGreaterThan(0.1);
  });

  test('a see-through colour is judged as it is seen', () => {
    expect(over('rgb(0 0 0 / 0.5)', '#ffffff')).toBe('#808080');
    expect(over('nonsense', '#123456')).toBe('#123456');
  });

  test.each([
    [16, 400, 4.5],
    [24, 400, 3],
    [19, 700, 3],
    [19, 600, 4.5],
  ])('text of %d px and weight %d needs %d', (size, weight, needed) => {
    expect(neededContrast(size, weight)).toBe(needed);
  });
});

describe('values', () => {
  test.each<[string, unknown, string | null]>([
    ['color', '{color.ink}', null],
    ['color', 'rgb(1 2 3 / 50%)', null],
    ['color', 'url(https://x.example)', 'must be a colour, such as #20566b'],
    ['color', 'red; background: blue', 'must be a colour, such as #20566b'],
    ['padding', 12, null],
    ['padding', [1, 2, 3, 4], null],
    [
      'padding',
      [1, 2, 3],
      'must be one number, or four (top, right, bottom, left), between 0 and 400, or a length such as 1.5rem',
    ],
    [
      'padding',
      -1,
      'must be one number, or four (top, right, bottom, left), between 0 and 400, or a length such as 1.5rem',
    ],
    ['fontSize', '16', 'must be a number between 8 and 160, or a length such as 1.5rem'],
    ['fontSize', NaN, 'must be a number between 8 and 160, or a length such as 1.5rem'],
    ['width', '{space.1}', 'cannot refer to a token'],
    ['align', 'middle', 'must be one of start, center, end, justify'],
    ['shadow', '0 1px 2px #0003', null],
    ['shadow', '0 0 url(x)', 'must be a shadow, such as 0 4px 12px #0003'],
    ['font', 'Fraunces, "My Serif"', null],
    ['font', 'x;}', 'must be a list of font names'],
    ['nothing', 1, 'is not a style property'],
  ])('%s: %p', (name, value, problem) => {
    expect(valueProblem(name, value)).toBe(problem);
  });

  test.each<[string, Parameters<typeof valueCss>[1], string]>([
    ['padding', [0, 8, 0, 8], '0 8px 0 8px'],
    ['radius', '{radius.box}', 'var(--radius-box)'],
    ['lineHeight', 1.5, '1.5'],
    ['fontSize', 16, '16px'],
  ])('%s %p is written as %s', (name, value, css) => {
    expect(valueCss(styleProperties[name] as StyleProperty, value)).toBe(css);
  });
});
