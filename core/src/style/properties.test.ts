import {
  edges,
  labelPlaces,
  withoutIdle,
  styleProperties,
  valueCss,
  valueProblem,
  type StyleProperty,
} from './index.js';
import { edgeCss } from './edges.js';
import { labelPlaceCss } from './label-places.js';

const property = (name: string) => styleProperties[name] as StyleProperty;

test.each<[string, unknown]>([
  ['background', '#fff'],
  ['background', 'rgb(10 20 30 / 0.4)'],
  ['background', 'transparent'],
  ['background', '{color.accent}'],
  ['padding', 12],
  ['padding', [1, 2, 3, 4]],
  ['padding', '{space.4}'],
  ['margin', -20],
  ['width', '50%'],
  ['width', 'auto'],
  ['width', 320],
  ['maxWidth', 'fit-content'],
  ['opacity', 0.5],
  ['fontWeight', 650],
  ['letterCase', 'uppercase'],
  ['font', '"Source Serif 4", Georgia, serif'],
  ['shadow', '0 4px 12px #0003'],
  ['shadow', 'inset 0 1px 2px rgb(0 0 0 / 0.2), 0 4px 12px black'],
  ['shadow', 'none'],
  ['image', 'asset:0123456789abcdef'],
  ['image', 'https://a.example/x.png'],
  ['image', 'none'],
  ['imagePosition', '50% 30%'],
  ['labelAt', 'before'],
  ['edge', 'teeth'],
  ['transition', 150],
  ['transition', '{duration.quick}'],
])('%s may be %j', (name, value) => {
  expect(valueProblem(name, value)).toBeNull();
});

test.each<[string, unknown, RegExp]>([
  ['background', 'url(x)', /colour/],
  ['background', '#ff', /colour/],
  ['background', 'red;color:blue', /colour/],
  ['padding', -1, /between 0 and 400/],
  ['padding', [1, 2, 3], /four/],
  ['padding', [1, 2, 3, 401], /four/],
  ['padding', '12px', /number/],
  ['opacity', 2, /between 0 and 1/],
  ['opacity', NaN, /number/],
  ['opacity', '{color.accent}', /cannot refer to a token/],
  ['letterCase', 'shouting', /must be one of/],
  ['letterCase', 'constructor', /must be one of/],
  ['font', 'url(x)', /font names/],
  ['font', 'a{}', /font names/],
  ['shadow', '0 0 url(x)', /shadow/],
  ['shadow', 'expression(1)', /shadow/],
  ['gradient', 'linear-gradient(url(x), red)', /gradient/],
  ['gradient', 'linear-gradient(red, blue);x:y', /gradient/],
  ['image', 'http://a.example/x.png', /image/],
  ['image', 'javascript:alert(1)', /image/],
  ['image', 'asset:../../x', /image/],
  ['imagePosition', 'left top', /percentages/],
  ['width', '50vmin', /50% or auto/],
  ['hat', 1, /not a style property/],
  ['__proto__', 1, /not a style property/],
])('%s may not be %j', (name, value, reason) => {
  expect(valueProblem(name, value)).toMatch(reason);
});

test.each<[string, Parameters<typeof valueCss>[1], string]>([
  ['padding', [1, 0, 3, 4], '1px 0 3px 4px'],
  ['padding', 0, '0'],
  ['width', '50%', '50%'],
  ['lineHeight', 1.4, '1.4'],
  ['letterSpacing', 0.05, '0.05em'],
  ['transition', 150, '150ms'],
  ['color', '{color.on-accent}', 'var(--color-on-accent)'],
  ['image', 'asset:0123456789abcdef', 'url("asset:0123456789abcdef/full.webp")'],
  ['image', 'https://a.example/a(b)".png', 'url("https://a.example/a%28b%29%22.png")'],
])('%s of %j is written %s', (name, value, css) => {
  expect(valueCss(property(name), value)).toBe(css);
});

test('every keyword of a property that writes itself is written as declarations', () => {
  for (const one of Object.values(styleProperties)) {
    for (const value of Object.keys(one.options ?? {})) {
      const css = one.write?.(value) ?? `${one.css}:${value}`;
      expect(css).toMatch(/^[a-z-]+:[^;]+(;[a-z-]+:[^;]+)*$/);
    }
  }
});

test('every shape of an edge is a shape of its own', () => {
  const written = Object.keys(edges).map(edgeCss);
  expect(new Set(written).size).toBe(written.length);
  expect(edgeCss('unheard-of')).toBe('clip-path:none');
});

describe('the places of a label', () => {
  const places = Object.keys(labelPlaces);

  it('are eight around the field, two upon it, and hidden', () => {
    expect(places).toHaveLength(11);
    expect(new Set(places.map(labelPlaceCss)).size).toBe(11);
  });

  it.each(places)('%s sets back what any other may have set on a weaker level', (place) => {
    const variablesOf = (css: string) => [...new Set(css.match(/--\w+(?=:)/g))].sort();
    expect(variablesOf(labelPlaceCss(place))).toEqual(variablesOf(labelPlaceCss('inside')));
  });

  it('a setting back that nothing made necessary is not written', () => {
    const read = '.label{grid-area:var(--lc,label);align-self:var(--la)}';
    expect(withoutIdle('.a{gap:0;--lc:initial}', read)).toBe('.a{gap:0}');
    const both = '.a{gap:0;--lc:input;--la:initial}.b{gap:1px;--lc:initial}';
    expect(withoutIdle(both, read)).toBe('.a{gap:0;--lc:input}.b{gap:1px;--lc:initial}');
  });

  it('what nothing reads is not written either', () => {
    expect(withoutIdle('.a{border-radius:6px;--low-radius:min(6px,22px)}', '')).toBe('.a{border-radius:6px}');
  });

  it.each(places)('%s has room for field, hint and mistake', (place) => {
    expect(labelPlaceCss(place)).toMatch(/"[^"]*input[^"]*"/);
    expect(labelPlaceCss(place)).toMatch(/hint/);
    expect(labelPlaceCss(place)).toMatch(/error/);
  });

  it('hidden hides from the eye alone', () => {
    expect(labelPlaceCss('hidden')).toContain('--lh:inset(50%)');
    expect(labelPlaceCss('hidden')).not.toContain('none');
  });

  it('an unknown one is above', () => {
    expect(labelPlaceCss('nowhere')).toBe(labelPlaceCss('above-start'));
  });
});
