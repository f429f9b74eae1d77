import { clampChroma, converter, formatHex, parse, type Oklch } from 'culori';

const toOklch = converter('oklch');

/** Steps of a colour scale, from light to dark, and the lightness of each (Oklch, 0 to 1). */
const scaleSteps = {
  50: 0.975,
  100: 0.945,
  200: 0.88,
  300: 0.8,
  400: 0.71,
  500: 0.62,
  600: 0.53,
  700: 0.44,
  800: 0.35,
  900: 0.26,
} as const;

/**
 * A scale of ten shades from one colour: its hue kept, lightness in even steps as the eye sees them, chroma fading
 * towards both ends (Oklch; Ottosson, 2020).
 *
 * @returns hex colours by step; empty when the colour can't be read
 */
export function colourScale(colour: string): Record<string, string> {
  const start = toOklch(parse(colour)) as Oklch | undefined;
  if (!start) return {};
  return Object.fromEntries(
    Object.entries(scaleSteps).map(([step, l]) => {
      const fade = 1 - Math.abs(l - 0.58) ** 1.4 * 1.6;
      return [step, formatHex(clampChroma({ ...start, l, c: start.c * Math.max(0.08, fade) }, 'oklch'))];
    }),
  );
}
