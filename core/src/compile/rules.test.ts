import fc from 'fast-check';
import type { StyleSheet } from '../style/index.js';
import { joinRules, layersCss, withoutOverridden } from './rules.js';

const layer = (name: string, sheet: StyleSheet) => ({
  selector: (part: string) => `.${name}${part === 'box' ? '' : `-${part}`}`,
  sheet,
});
const box = (values: Record<string, string | number>): StyleSheet => ({ box: { base: values } });
const css = (values: Record<string, string | number>) => layersCss([layer('a', box(values))]);

describe('layers of values', () => {
  it('come weakest first, all of one condition before all of the next', () => {
    const weak = layer('weak', { box: { base: { gap: 1 }, hover: { gap: 2 }, small: { gap: 3 } } });
    const strong = layer('strong', {
      box: { base: { gap: 4 }, hover: { gap: 5 }, 'small hover': { gap: 6 } },
    });
    expect(layersCss([weak, strong])).toBe(
      '.weak{gap:1px}.strong{gap:4px}' +
        '@media (max-width:600px){.weak{gap:3px}}' +
        '.weak:hover{gap:2px}.strong:hover{gap:5px}' +
        '@media (max-width:600px){.strong:hover{gap:6px}}',
    );
  });

  it.each([
    ['hover', 'box', '.a:hover'],
    ['focus', 'input', '.a-input:focus-visible'],
    ['pressed', 'box', '.a:active'],
    ['selected', 'mark', '.a-mark:checked'],
    ['selected', 'choice', '.a-choice:is(:has(:checked),[aria-current])'],
    ['disabled', 'input', '.a-input:disabled'],
    ['error', 'box', '.a[data-error]'],
    ['error', 'input', '.a-input:is([data-error] *)'],
  ])('in the state %s reach the %s as %s', (state, part, selector) => {
    expect(layersCss([layer('a', { [part]: { [state]: { gap: 2 } } })])).toBe(`${selector}{gap:2px}`);
  });

  it('leave out what is no property, and parts without values', () => {
    expect(css({ hat: 2 })).toBe('');
    expect(layersCss([layer('a', { box: { base: {}, hover: { gap: 1 } } })])).toBe('.a:hover{gap:1px}');
  });

  it('write tokens as variables', () => {
    expect(css({ color: '{color.accent}' })).toBe('.a{color:var(--color-accent)}');
  });
});

describe('what lies on a background', () => {
  const image = 'https://x.example/p.jpg';
  it.each([
    [
      'a gradient alone',
      { gradient: 'linear-gradient(90deg, #fff, #000)' },
      /^\.a\{background-image:linear-/,
    ],
    ['an image alone', { image: image }, /^\.a\{background-image:url\("?https:\/\/x\.example\/p\.jpg"?\)\}$/],
    [
      'a gradient over an image',
      { gradient: 'linear-gradient(#fff, #000)', image: image },
      /background-image:linear-gradient\(#fff, #000\),url/,
    ],
    [
      'a weaker image, under a veil of the background',
      { background: '#102030', image: image, imageOpacity: 0.25 },
      /background-image:linear-gradient\(color-mix\(in srgb,#102030 75%,#0000\),.*\),url/,
    ],
    [
      'a weaker image without a background',
      { image: image, imageOpacity: 0.5 },
      /color-mix\(in srgb,#fff 50%/,
    ],
    ['a whole image', { image: image, imageOpacity: 1 }, /^(?!.*color-mix)/],
    ['an image that is taken away', { image: 'none' }, /^\.a\{background-image:none\}$/],
    ['a strength without an image', { imageOpacity: 0.5, gap: 1 }, /^\.a\{gap:1px\}$/],
  ])('is written right: %s', (_, values, written) => {
    expect(css(values as Record<string, string | number>)).toMatch(written);
  });
});

describe('rules of one selector next to each other', () => {
  it.each([
    ['.a{x:1}.a{y:2}', '.a{x:1;y:2}'],
    ['.a{x:1}.a{y:2}.a{z:3}', '.a{x:1;y:2;z:3}'],
    ['.a{x:1}.b{y:2}.a{z:3}', '.a{x:1}.b{y:2}.a{z:3}'],
    ['@media (x){.a{x:1}.a{y:2}}.a{z:3}', '@media (x){.a{x:1;y:2}}.a{z:3}'],
    ['.a{x:1}@media (x){.a{y:2}}', '.a{x:1}@media (x){.a{y:2}}'],
    ['.ba{x:1}.a{y:2}', '.ba{x:1}.a{y:2}'],
    ['', ''],
  ])('%s becomes %s', (before, after) => {
    expect(joinRules(before)).toBe(after);
  });

  it('keep every declaration, in its order', () => {
    const rule = fc.tuple(fc.constantFrom('.a', '.b', '.a:hover'), fc.nat({ max: 99 }));
    fc.assert(
      fc.property(fc.array(rule), (rules) => {
        const written = rules.map(([selector, value]) => `${selector}{gap:${value}px}`).join('');
        const declared = (text: string) => [...text.matchAll(/gap:\d+px/g)].map(([one]) => one);
        const joined = joinRules(written);
        expect(declared(joined)).toEqual(declared(written));
        const selectors = [...joined.matchAll(/([^{}]+)\{/g)].map(([, one]) => one);
        expect(selectors.some((one, at) => one === selectors[at + 1])).toBe(false);
      }),
    );
  });
});

describe('values that a stronger sheet sets too', () => {
  const weak: StyleSheet = {
    box: { base: { gap: 1, padding: 2 }, hover: { gap: 3 } },
    label: { base: { gap: 4 } },
  };

  it('are left out, for the same part and condition alone', () => {
    expect(withoutOverridden(weak, { box: { base: { gap: 9 } } })).toEqual({
      box: { base: { padding: 2 }, hover: { gap: 3 } },
      label: { base: { gap: 4 } },
    });
  });

  it('are all kept where nothing is stronger', () => {
    expect(withoutOverridden(weak, undefined)).toBe(weak);
    expect(withoutOverridden(weak, {})).toEqual(weak);
  });
});
