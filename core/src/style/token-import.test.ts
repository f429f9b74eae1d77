import { importTokens, readTokens, TokenError, tokensFor, type TokenGroup, type TokenTree } from './index.js';

const css = (tree: TokenTree) =>
  Object.fromEntries([...readTokens(tree).values()].map(({ path, css: text }) => [path, text]));

test.each<[string, object, Record<string, string>]>([
  ['a colour as text', { a: { $type: 'color', $value: '#112233' } }, { a: '#112233' }],
  [
    'a clear colour as text',
    { a: { $type: 'color', $value: 'rgb(0 0 0 / 0.5)' } },
    { a: 'color(srgb 0 0 0 / 0.5)' },
  ],
  [
    'a colour as the format has it',
    { a: { $type: 'color', $value: { colorSpace: 'srgb', components: [1, 0, 0], hex: '#ff0000' } } },
    { a: '#ff0000' },
  ],
  [
    'a colour of another space, without a component',
    { a: { $type: 'color', $value: { colorSpace: 'oklch', components: [0.7, 0.1, 'none'] } } },
    { a: 'oklch(0.7 0.1 0)' },
  ],
  ['a colour by its looks alone', { a: { $value: '#abcdef' } }, { a: '#abcdef' }],
  ['a length', { a: { $type: 'dimension', $value: { value: 12, unit: 'px' } } }, { a: '12px' }],
  ['a length as text', { a: { $type: 'dimension', $value: '1.5rem' } }, { a: '1.5rem' }],
  ['a length as a number', { a: { $type: 'spacing', $value: 8 } }, { a: '8px' }],
  ['a time', { a: { $type: 'duration', $value: '150ms' } }, { a: '150ms' }],
  [
    'typefaces',
    { a: { $type: 'fontFamily', $value: ['Source Serif 4', 'serif'] } },
    { a: '"Source Serif 4", serif' },
  ],
  ['typefaces as text', { a: { $type: 'fontFamilies', $value: "'Lora', serif" } }, { a: 'Lora, serif' }],
  ['a weight', { a: { $type: 'fontWeight', $value: '600' } }, { a: '600' }],
  ['a curve', { a: { $type: 'cubicBezier', $value: [0, 0, 1, 1] } }, { a: 'cubic-bezier(0, 0, 1, 1)' }],
  [
    'a shadow',
    {
      a: {
        $type: 'shadow',
        $value: { color: '#000000', offsetX: '0px', offsetY: { value: 4, unit: 'px' }, blur: 12, spread: 0 },
      },
    },
    { a: '0px 4px 12px 0px #000000' },
  ],
  [
    'types from the group',
    { g: { $type: 'color', a: { $value: '#111111' }, h: { b: { $value: '#222222' } } } },
    { 'g.a': '#111111', 'g.h.b': '#222222' },
  ],
  [
    'aliases',
    { a: { $type: 'color', $value: '#111111' }, b: { $value: '{a}' } },
    { a: '#111111', b: '#111111' },
  ],
  ['a weight by its name', { a: { $type: 'fontWeight', $value: 'semi-bold' } }, { a: '600' }],
  [
    'a group’s own token',
    {
      color: {
        $type: 'color',
        accent: { $root: { $value: '#112233' }, dark: { $value: '{color.accent.$root}' } },
      },
    },
    { 'color.accent.root': '#112233', 'color.accent.dark': '#112233' },
  ],
  [
    'pointers to a token and into one',
    {
      a: { $type: 'color', $value: { colorSpace: 'srgb', components: [1, 0, 0], hex: '#ff0000' } },
      b: { $type: 'color', $ref: '#/a' },
      c: { $type: 'color', $value: { $ref: '#/a/$value' } },
      d: { $type: 'number', $value: { $ref: '#/a/$value/components/0' } },
    },
    { a: '#ff0000', b: '#ff0000', c: '#ff0000', d: '1' },
  ],
  [
    'aliases to names with spaces and slashes',
    {
      'Brand/Main': { 'Deep blue': { $type: 'color', $value: '#111144' } },
      b: { $type: 'color', $value: '{Brand/Main.Deep blue}' },
    },
    { 'Brand-Main.Deep-blue': '#111144', b: '#111144' },
  ],
  [
    'aliases within the sets of a file',
    {
      global: { blue: { type: 'color', value: '#0000ff' } },
      theme: { link: { type: 'color', value: '{blue}' } },
    },
    { 'global.blue': '#0000ff', 'theme.link': '#0000ff' },
  ],
  [
    'sums',
    {
      base: { $type: 'dimension', $value: '8px' },
      wide: { $type: 'spacing', $value: '{base} * 1.5' },
      half: { $type: 'dimension', $value: '1rem / 2' },
      ratio: { $type: 'number', $value: '3 / 4' },
    },
    { base: '8px', wide: '12px', half: '0.5rem', ratio: '0.75' },
  ],
  [
    'the parts of type, borders, transitions and gradients',
    {
      ink: { $type: 'color', $value: '#101010' },
      body: {
        $type: 'typography',
        $value: { fontFamily: ['Lora', 'serif'], fontSize: '17px', fontWeight: 'bold', lineHeight: 1.5 },
      },
      line: {
        $type: 'border',
        $value: { color: '{ink}', width: { value: 2, unit: 'px' }, style: 'double' },
      },
      cut: { $type: 'strokeStyle', $value: { dashArray: ['4px', '2px'], lineCap: 'round' } },
      quick: { $type: 'transition', $value: { duration: '150ms', timingFunction: [0, 0, 1, 1] } },
      dusk: {
        $type: 'gradient',
        $value: [
          { color: '{ink}', position: 0 },
          { color: '#ffffff', position: 7 },
        ],
      },
    },
    {
      ink: '#101010',
      'body.font-family': 'Lora, serif',
      'body.font-size': '17px',
      'body.font-weight': '700',
      'body.line-height': '1.5',
      'line.color': '#101010',
      'line.width': '2px',
      'line.style': 'double',
      cut: 'dashed',
      'quick.duration': '150ms',
      'quick.timing-function': 'cubic-bezier(0, 0, 1, 1)',
      dusk: 'linear-gradient(90deg, #101010 0%, #ffffff 100%)',
    },
  ],
  [
    'several shadows, of other tokens',
    {
      ink: { $type: 'color', $value: '#101010' },
      a: {
        $type: 'shadow',
        $value: [
          { color: '{ink}', offsetX: 0, offsetY: 1, blur: 2, spread: 0 },
          { color: '#000000', offsetX: 0, offsetY: 4, blur: 8, spread: 0, inset: true },
        ],
      },
    },
    { ink: '#101010', a: '0px 1px 2px 0px #101010, inset 0px 4px 8px 0px #000000' },
  ],
  ['older files', { a: { type: 'color', value: '#111111' } }, { a: '#111111' }],
  [
    'names with spaces and dots',
    { 'Brand Main': { '1.5 x': { $type: 'color', $value: '#111111' } } },
    { 'Brand-Main.1-5-x': '#111111' },
  ],
])('%s', (_, file, expected) => {
  const { tokens, skipped, count } = importTokens(JSON.parse(JSON.stringify(file)));
  expect(skipped).toEqual([]);
  expect(css(tokens)).toEqual(expected);
  expect(count).toBe(Object.keys(expected).length);
});

test.each<[string, object, RegExp]>([
  ['a colour that is none', { a: { $type: 'color', $value: 'sky' } }, /a has a colour that can’t be read/],
  ['a colour that carries an address', { a: { $type: 'color', $value: 'url(x)' } }, /colour/],
  [
    'a colour of an unknown space',
    { a: { $type: 'color', $value: { colorSpace: 'x;y', components: [0, 0, 0] } } },
    /colour/,
  ],
  ['a length in another unit', { a: { $type: 'dimension', $value: '3vw' } }, /dimension that can’t be read/],
  ['a time that is a length', { a: { $type: 'duration', $value: '3px' } }, /duration/],
  ['a typeface with braces', { a: { $type: 'fontFamily', $value: 'x}{y' } }, /font names/],
  ['a weight that is a word', { a: { $type: 'fontWeight', $value: 'boldish' } }, /no number/],
  ['a curve of three', { a: { $type: 'cubicBezier', $value: [0, 0, 1] } }, /four numbers/],
  [
    'a shadow without a colour',
    { a: { $type: 'shadow', $value: { offsetX: 0, offsetY: 0, blur: 0, spread: 0 } } },
    /shadow/,
  ],
  ['a shadow that runs', { a: { $type: 'shadow', $value: '0 0 url(javascript:x)' } }, /shadow/],
  [
    'a type without a use',
    { a: { $type: 'typography', $value: {} } },
    /a is a typography, which widgets have no use for/,
  ],
  [
    'a gradient without stops',
    { a: { $type: 'gradient', $value: [] } },
    /a has a gradient that is not two to 16 colours with positions/,
  ],
  [
    'a gradient without positions',
    { a: { $type: 'gradient', $value: ['#000000', '#ffffff'] } },
    /a has a gradient that is not two to 16 colours with positions/,
  ],
  ['a border style of no kind', { a: { $type: 'strokeStyle', $value: 'wavy' } }, /border style/],
  ['no type at all', { a: { $value: 12 } }, /has no type/],
  ['neither token nor group', { a: 7 }, /neither a token nor a group/],
  ['an alias to nothing', { a: { $type: 'color', $value: '{z}' } }, /refers to z, which does not exist/],
  ['an alias to itself', { a: { $type: 'color', $value: '{a}' } }, /refers to itself/],
  ['a name that can’t be used', { 日本: { $type: 'color', $value: '#111111' } }, /name that can’t be used/],
])('%s is listed', (_, file, reason) => {
  const { skipped, count } = importTokens(JSON.parse(JSON.stringify(file)));
  expect(skipped.map(({ path, reason: why }) => `${path} ${why}`).join('; ')).toMatch(reason);
  expect(count).toBe(0);
});

test('the prototype is no group', () => {
  const { tokens, skipped } = importTokens(
    JSON.parse('{"__proto__":{"a":{"$type":"color","$value":"#111111"}}}'),
  );
  expect(skipped).toHaveLength(1);
  expect(Object.keys(tokens)).toEqual([]);
  expect(({} as Record<string, unknown>)['a']).toBeUndefined();
});

test.each(['constructor', 'toString', 'hasOwnProperty', 'valueOf'])(
  'a group called %s is a group like any other',
  (name) => {
    const file = { [name]: { prototype: { then: { $type: 'color', $value: '#111111' } } } };
    const { tokens, count } = importTokens(JSON.parse(JSON.stringify(file)));
    expect(count).toBe(1);
    expect(css(tokens)).toEqual({ [`${name}.prototype.then`]: '#111111' });
    expect(({} as Record<string, unknown>)['then']).toBeUndefined();
    expect(Object.hasOwn(tokens, name)).toBe(true);
  },
);

test('what stands inside a token is left out and listed', () => {
  const file = {
    a: { $type: 'color', $value: '#111111', evil: { $value: 'red;}body{display:none' } },
  };
  const { tokens, skipped } = importTokens(file);
  expect(JSON.stringify(tokens)).not.toContain('evil');
  expect(skipped).toEqual([{ path: 'a.evil', reason: 'is inside a token, which cannot contain others' }]);
});

test('two names that are written alike are one, and the second is listed', () => {
  const file = {
    'a b': { c: { $type: 'color', $value: '#111111' } },
    'a-b': { $type: 'color', $value: '#222222' },
  };
  const { count, skipped } = importTokens(file);
  expect(count).toBe(1);
  expect(skipped[0]?.reason).toMatch(/name of a group/);
});

test.each([
  { colorSpace: 'srgb', components: [0, 0, 0], hex: '#000;}body{display:none' },
  { colorSpace: 'srgb', components: [0, 0, 0], alpha: '1;}body{display:none' },
  { colorSpace: 'srgb', components: ['0;}body{display:none', 0, 0] },
  { colorSpace: 'srgb);}body{', components: [0, 0, 0] },
])('a colour is what was read of it: %j', ($value) => {
  const { tokens } = importTokens({ a: { $type: 'color', $value } });
  expect(JSON.stringify([tokens, css(tokens)])).not.toContain('body');
});

test.each(['0 0 1px rgb(0 0 0', '0 0 1px red;}body{', '0 0 1.2.3px red', '0 0 1px red, ', '1 2'])(
  'the shadow %s is none',
  ($value) => {
    expect(importTokens({ a: { $type: 'shadow', $value } }).count).toBe(0);
  },
);

test('nineteen hundred aliases in a chain are followed once each', () => {
  const chain = (end: string) =>
    Object.fromEntries(
      Array.from({ length: 1900 }, (_, at) => [
        `t${at}`,
        { $type: 'color', $value: at === 1899 ? end : `{t${at + 1}}` },
      ]),
    );
  const whole = importTokens(chain('#123456'));
  expect([whole.count, readTokens(whole.tokens).get('t0')?.css]).toEqual([1900, '#123456']);
  expect(importTokens(chain('{t0}')).skipped).toHaveLength(1900);
  expect(importTokens(chain('{none}')).count).toBe(0);
});

test('a circle takes those along that lead to it, and leaves the others', () => {
  const file = {
    a: { $type: 'color', $value: '{b}' },
    b: { $type: 'color', $value: '{a}' },
    c: { $type: 'color', $value: '{a}' },
    d: { $type: 'color', $value: '#111111' },
  };
  const { tokens, skipped } = importTokens(file);
  expect(css(tokens)).toEqual({ d: '#111111' });
  expect(skipped.map(({ path }) => path).sort()).toEqual(['a', 'b', 'c']);
});

test('depth and number are bounded', () => {
  let deep: object = { $type: 'color', $value: '#111111' };
  for (let level = 0; level < 20; level++) deep = { g: deep };
  expect(importTokens(deep).skipped[0]?.reason).toMatch(/nested deeper than 12/);
  const many = Object.fromEntries(
    Array.from({ length: 2100 }, (_, at) => [`t${at}`, { $type: 'color', $value: '#111111' }]),
  );
  const { count, skipped } = importTokens(many);
  expect([count, skipped.length]).toEqual([2000, 100]);
});

test.each([null, 7, 'text', [], true])('%j is no token file', (file) => {
  expect(() => importTokens(file)).toThrow(TokenError);
});

test('a file whose values lead to ever more values is read in good time', () => {
  const shadow = (of: string) => Array.from({ length: 60 }, () => `{${of}}`);
  const file = Object.fromEntries(
    Array.from({ length: 12 }, (_, at) => [`s${at}`, { $type: 'shadow', $value: shadow(`s${at + 1}`) }]),
  );
  expect(importTokens(file).count).toBe(0);
});

test('what was imported is read back the same: a saved brand stays as it is', () => {
  const file = {
    dusk: {
      $type: 'gradient',
      $value: [
        { color: '#101010', position: 0.25 },
        { color: '#ffffff', position: 1 },
      ],
    },
    line: { $type: 'border', $value: { color: '#101010', width: '2px', style: 'dotted' } },
    body: { $type: 'typography', $value: { fontFamily: 'Lora', fontWeight: 600, lineHeight: 1.4 } },
  };
  const { tokens } = importTokens(file);
  expect(importTokens(tokens)).toEqual({ tokens, count: 7, skipped: [] });
});

test('a property is offered the tokens of its group, then those of its type from elsewhere', () => {
  const { tokens } = importTokens({
    card: {
      corner: { $type: 'dimension', $value: '9px' },
      stroke: { $type: 'strokeStyle', $value: 'dotted' },
    },
    radius: { $type: 'dimension', pill: { $value: '99px' } },
    size: { $type: 'dimension', small: { $value: '14px' } },
  });
  const offered = (group: TokenGroup) => tokensFor(group, readTokens(tokens)).map(({ name }) => name);
  expect(offered('radius')).toEqual(['pill', 'card.corner']);
  expect(offered('dimension')).toEqual(['card.corner']);
  expect(offered('strokeStyle')).toEqual(['card.stroke']);
  expect(offered('gradient')).toEqual([]);
});
