import {
  brandTokens,
  completeBrand,
  contrast,
  importTokens,
  plainBrand,
  type Brand,
} from '../../style/index.js';
import {
  aliasesIn,
  readBrand,
  exportTokens,
  matchTokens,
  plainValue,
  replaceAliases,
  tokenAt,
  tokensGone,
  withColourScale,
  withoutToken,
  withSpacing,
  withToken,
  withTypeScale,
} from './index.js';

const css = (brand: Brand, path: string) => brandTokens(brand).get(path)?.css;

describe('editing tokens', () => {
  it('sets, adds and takes away, leaving the old brand as it was', () => {
    const one = withToken(plainBrand, 'color.sea.deep', '{color.accent}');
    expect(css(one, 'color.sea.deep')).toBe(css(plainBrand, 'color.accent'));
    expect(tokenAt(plainBrand.tokens, 'color.sea')).toBeUndefined();
    const gone = withToken(one, 'color.sea.deep', undefined);
    expect(tokenAt(gone.tokens, 'color.sea')).toBeUndefined();
    expect(gone).toEqual(plainBrand);
  });

  it('knows the plain value of its own tokens and none of others', () => {
    expect(plainValue('space.2')).toEqual({ value: 8, unit: 'px' });
    expect(plainValue('color.sea')).toBeUndefined();
    expect(plainValue('color')).toBeUndefined();
  });

  it('makes ten shades that darken step by step, and none of what is no colour', () => {
    const brand = withColourScale(plainBrand, 'sea', '#0e6470');
    const steps = [50, 100, 200, 300, 400, 500, 600, 700, 800, 900].map((step) =>
      css(brand, `color.sea.${step}`),
    );
    const onWhite = steps.map((shade) => contrast(shade ?? '', '#ffffff'));
    expect(onWhite).toEqual(onWhite.toSorted((a, b) => a - b));
    expect(withColourScale(plainBrand, 'sea', 'not a colour')).toBe(plainBrand);
  });

  it.each([
    [16, 1.2, ['14px', '16px', '19px', '28px', '33px']],
    [18, 1.1, ['17px', '18px', '20px', '24px', '26px']],
  ])('grows type from %d by %d', (base, ratio, sizes) => {
    const brand = withTypeScale(plainBrand, base, ratio);
    expect(['small', 'text', 'large', 'title', 'display'].map((name) => css(brand, `size.${name}`))).toEqual(
      sizes,
    );
  });

  it('spaces by one unit', () => {
    const brand = withSpacing(plainBrand, 5);
    expect([1, 2, 3, 4, 5, 6].map((at) => css(brand, `space.${at}`))).toEqual([
      '5px',
      '10px',
      '15px',
      '20px',
      '30px',
      '40px',
    ]);
  });
});

describe('token files', () => {
  it('are read back as they were written', () => {
    const { tokens, skipped, count } = importTokens(JSON.parse(JSON.stringify(exportTokens(plainBrand))));
    expect(skipped).toEqual([]);
    expect(count).toBe(brandTokens(plainBrand).size);
    const back = brandTokens({ ...plainBrand, tokens });
    for (const [path, { css: text }] of brandTokens(plainBrand))
      if (!path.startsWith('shadow')) expect([path, back.get(path)?.css]).toEqual([path, text]);
  });

  it('hold shadows as objects, and what can’t be read as it is', () => {
    const exported = exportTokens(withToken(plainBrand, 'shadow.odd', 'var(--x)'));
    expect(tokenAt(exported, 'shadow.raised.$value')).toMatchObject([
      {
        offsetX: { value: 0, unit: 'px' },
        blur: { value: 48, unit: 'px' },
        spread: { value: -12, unit: 'px' },
      },
    ]);
    expect(tokenAt(exported, 'shadow.odd.$value')).toBe('var(--x)');
  });

  it.each([
    [
      '{ "Brand": { "$type": "color", "Primary": { "$value": "#123456" } } }',
      { 'color.accent': 'Brand.Primary' },
    ],
    [
      '{ "gray": { "$type": "color", "50": { "$value": "#fafafa" }, "300": { "$value": "#ccc" }, "900": { "$value": "#111" } } }',
      { 'color.soft': 'gray.50', 'color.line': 'gray.300', 'color.ink': 'gray.900' },
    ],
    [
      '{ "font": { "heading": { "$type": "fontFamily", "$value": "Lora" } } }',
      { 'font.title': 'font.heading' },
    ],
    ['{ "color": { "accent": { "$type": "color", "$value": "#123456" } } }', {}],
  ])('are matched by names: %s', (text, matches) => {
    expect(matchTokens(importTokens(JSON.parse(text)).tokens)).toEqual(matches);
  });
});

describe('references', () => {
  it('are found everywhere, each once, and replaced', () => {
    const look = {
      box: { base: { color: '{color.a}', gradient: 'linear-gradient({color.a}, {color.b})', gap: 4 } },
    };
    expect(aliasesIn(look)).toEqual(['color.a', 'color.b']);
    expect(replaceAliases(look, { 'color.a': 'color.c' })).toEqual({
      box: { base: { color: '{color.c}', gradient: 'linear-gradient({color.c}, {color.b})', gap: 4 } },
    });
  });

  it('that go are named', () => {
    const before = withToken(plainBrand, 'color.sea', '#0000ff').tokens;
    expect(tokensGone(before, plainBrand.tokens)).toEqual(['color.sea']);
  });

  it('that go leave their value to those that were aliases of them', () => {
    const sea = withToken(plainBrand, 'color.sea', '#0000ff');
    const before = withToken(sea, 'color.accent', '{color.sea}');
    const after = withoutToken(before, 'color.sea');
    expect(tokensGone(before.tokens, after.tokens)).toEqual(['color.sea']);
    expect(tokenAt(after.tokens, 'color.accent')?.$value).toBe('#0000ff');
  });
});

const brandProblems = (input: unknown, going?: string[]) => {
  const reading = readBrand(input, going);
  return reading.ok ? [] : reading.problems;
};

describe('a brand from outside', () => {
  const brand = (change: object) => ({ tokens: {}, looks: {}, fonts: [], ...change });
  const look = (more: object) => ({
    looks: { quiet: { name: 'Quiet', role: 'button', style: {}, ...more } },
  });

  it('may be sound', () => {
    expect(brandProblems(brand(look({ style: { box: { base: { background: '{color.soft}' } } } })))).toEqual(
      [],
    );
    expect(brandProblems(completeBrand(null))).toEqual([]);
  });

  it('may refer to what goes only where that is said', () => {
    const input = brand(look({ style: { box: { base: { color: '{color.lamp}' } } } }));
    expect(brandProblems(input, ['color.lamp'])).toEqual([]);
    expect(brandProblems(input, ['color.other'])).toHaveLength(1);
  });

  it.each([
    [
      'a circle',
      { tokens: { color: { $type: 'color', a: { $value: '{color.b}' }, b: { $value: '{color.a}' } } } },
      /itself/,
    ],
    [
      'an alias to nothing',
      { tokens: { color: { $type: 'color', a: { $value: '{color.zz}' } } } },
      /does not exist/,
    ],
    ['an unknown role', look({ role: 'hat' }), /role/],
    ['an unknown part', look({ style: { hat: { base: {} } } }), /hat/],
    ['a value out of range', look({ style: { box: { base: { padding: -3 } } } }), /between/],
    [
      'a look of a token that is not',
      look({ style: { box: { base: { color: '{color.zz}' } } } }),
      /color\.zz/,
    ],
    ['a look that reaches an unknown role', look({ inside: { hat: {} } }), /role/],
    [
      'a font from elsewhere',
      { fonts: [{ family: 'X', src: 'https://x.example/x.woff2', weight: '400', style: 'normal' }] },
      /src|fonts/,
    ],
    ['an unknown field', { hat: 1 }, /hat|known/],
  ])('is refused for %s', (_, change, reason) => {
    const problems = brandProblems(brand(change));
    expect(problems.map(({ path, reason: why }) => `${path} ${why}`).join('; ')).toMatch(reason);
  });
});
