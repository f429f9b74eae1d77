import { contrast } from '@sirene/core/style';
import { system } from './theme.js';

type Pair = { _light: string; _dark: string };

const colour = (name: string, theme: keyof Pair): string => {
  const value = system._config.theme?.semanticTokens?.colors?.[name] as { value: Pair };
  return value.value[theme];
};

const backgrounds = ['paper', 'sheet', 'wash'];
const inks = ['ink', 'slate', 'deep', 'kelp', 'brass', 'wine'];

// WCAG 2.2: text 4.5 to 1 (1.4.3), marks 3 to 1 (1.4.11).
describe.each(['_light', '_dark'] as const)('in the theme %s', (theme) => {
  it.each(backgrounds.flatMap((background) => inks.map((ink) => [ink, background])))(
    '%s is read on %s',
    (ink, background) => {
      expect(contrast(colour(ink, theme), colour(background, theme))).toBeGreaterThanOrEqual(4.5);
    },
  );

  it.each(backgrounds)('live marks and the edges of fields are seen on %s', (background) => {
    for (const mark of ['flare', 'edge'])
      expect(contrast(colour(mark, theme), colour(background, theme))).toBeGreaterThanOrEqual(3);
  });

  it('what stands on a filled button is read', () => {
    const on = theme === '_light' ? '#ffffff' : '#0f191f';
    for (const fill of ['flare', 'wine', 'ink'])
      expect([fill, contrast(on, colour(fill, theme)) >= 4.5]).toEqual([fill, true]);
  });

  it('the light and the dark side differ', () => {
    const [ink, paper] = ['ink', 'paper'].map((name) => colour(name, theme)) as [string, string];
    const inkIsDarker = contrast(ink, '#ffffff') > contrast(paper, '#ffffff');
    expect(inkIsDarker).toBe(theme === '_light');
  });
});
