import fc from 'fast-check';
import { gradientColours, readGradient, writeGradient, type Gradient } from './gradient.js';
import { styleProperties, valueCss, valueProblem, type StyleProperty } from './properties.js';

test.each<[string, Gradient]>([
  [
    'linear-gradient(90deg, #fff, #000)',
    {
      kind: 'linear',
      angle: 90,
      stops: [
        { colour: '#fff', at: 0 },
        { colour: '#000', at: 1 },
      ],
    },
  ],
  [
    'linear-gradient(to left, red 10%, rgb(0 0 0 / 0.5) 60%, {color.accent})',
    {
      kind: 'linear',
      angle: 270,
      stops: [
        { colour: 'red', at: 0.1 },
        { colour: 'rgb(0 0 0 / 0.5)', at: 0.6 },
        { colour: '{color.accent}', at: 1 },
      ],
    },
  ],
  [
    'radial-gradient(circle at 50% 50%, white, black)',
    {
      kind: 'radial',
      angle: 0,
      stops: [
        { colour: 'white', at: 0 },
        { colour: 'black', at: 1 },
      ],
    },
  ],
  [
    'conic-gradient(from 45deg, white, black)',
    {
      kind: 'conic',
      angle: 45,
      stops: [
        { colour: 'white', at: 0 },
        { colour: 'black', at: 1 },
      ],
    },
  ],
  [
    'linear-gradient(white, grey, black)',
    {
      kind: 'linear',
      angle: 180,
      stops: [
        { colour: 'white', at: 0 },
        { colour: 'grey', at: 0.5 },
        { colour: 'black', at: 1 },
      ],
    },
  ],
])('%s is read', (text, gradient) => {
  expect(readGradient(text)).toEqual(gradient);
});

test.each(['none', '#fff', 'linear-gradient(red)', 'linear-gradient(90deg, nocolour, red)', 'url(x.png)'])(
  '%s is none that can be edited',
  (text) => {
    expect(readGradient(text)).toBeNull();
  },
);

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const gradients = fc.record({
  kind: fc.constantFrom('linear' as const, 'conic' as const),
  angle: fc.integer({ min: 0, max: 360 }),
  stops: fc.array(fc.record({ colour: hex, at: fc.integer({ min: 0, max: 100 }).map((n) => n / 100) }), {
    minLength: 2,
    maxLength: 5,
  }),
});

test('what is written is read back, and may be used', () => {
  fc.assert(
    fc.property(gradients, (gradient) => {
      const text = writeGradient(gradient);
      expect(readGradient(text)).toEqual(gradient);
      expect(valueProblem('gradient', text)).toBeNull();
    }),
  );
});

test('aliases in stops become variables', () => {
  const property = styleProperties['gradient'] as StyleProperty;
  const text = 'linear-gradient(90deg, {color.accent} 0%, {color.accent-strong} 100%)';
  expect(valueProblem('gradient', text)).toBeNull();
  expect(valueCss(property, text)).toBe(
    'linear-gradient(90deg, var(--color-accent) 0%, var(--color-accent-strong) 100%)',
  );
});

describe('the colours along it', () => {
  it('run from stop to stop', () => {
    const colours = gradientColours('linear-gradient(90deg, #000000, #ffffff)', 4);
    expect(colours).toEqual(['#000000', '#404040', '#808080', '#bfbfbf', '#ffffff']);
  });

  it('keep what is clear', () => {
    expect(gradientColours('linear-gradient(90deg, rgb(0 0 0 / 0), #000000)', 2)).toEqual([
      '#00000000',
      '#00000080',
      '#000000',
    ]);
  });

  it('are none where it is none', () => {
    expect(gradientColours('none')).toEqual([]);
  });
});
