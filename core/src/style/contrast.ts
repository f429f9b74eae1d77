import {
  clampChroma,
  converter,
  differenceEuclidean,
  formatHex,
  formatHex8,
  parse,
  type Oklch,
  type Rgb,
} from 'culori';

const toRgb = converter('rgb');
const toOklch = converter('oklch');

function rgb(colour: string): Rgb | undefined {
  return toRgb(parse(colour));
}

/**
 * Lays a colour over an opaque background.
 *
 * @returns the colour seen, as hex; the background itself when the colour can't be read
 */
export function over(colour: string, background: string): string {
  const top = rgb(colour);
  const under = rgb(background);
  if (!top || !under) return background;
  const share = top.alpha ?? 1;
  const mix = (a: number, b: number) => a * share + b * (1 - share);
  return formatHex({ mode: 'rgb', r: mix(top.r, under.r), g: mix(top.g, under.g), b: mix(top.b, under.b) });
}

/**
 * A colour as people write it: `#rrggbb`, or `#rrggbbaa` where something shows through.
 *
 * @returns the text itself when it is no colour
 */
export function hexOf(colour: string): string {
  const read = rgb(colour);
  if (!read) return colour;
  return (read.alpha ?? 1) < 1 ? formatHex8(read) : formatHex(read);
}

/** How much of what is behind a colour it hides: 0 (nothing) to 1 (all). */
export const opacityOf = (colour: string): number => rgb(colour)?.alpha ?? 1;

/** The same colour, hiding another share of what is behind it, as hex. A text that is no colour stays as it is. */
export function withOpacity(colour: string, share: number): string {
  const read = rgb(colour);
  return read ? hexOf(formatHex8({ ...read, alpha: Math.min(1, Math.max(0, share)) })) : colour;
}

const oklabDistance = differenceEuclidean('oklab');

/** How far two colours lie apart as the eye sees them: 0 for the same, 1 for black and white (Oklab). */
export const colourDistance = (one: string, other: string): number => oklabDistance(one, other);

/** Whether nothing shows through a colour. */
export const isOpaque = (colour: string): boolean => opacityOf(colour) >= 1;

/** Relative luminance, 0 (black) to 1 (white), as WCAG 2.2 defines it. */
export function luminance(colour: string): number {
  const { r, g, b } = rgb(colour) ?? { r: 0, g: 0, b: 0 };
  const linear = (channel: number) =>
    channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
}

/** Contrast ratio of two opaque colours, 1 to 21 (WCAG 2.2, 1.4.3). */
export function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

/** The ratio text needs: 3 for large text (24 px, or 18.66 px and bold), else 4.5 (WCAG 2.2, level AA). */
export function neededContrast(fontSizePx: number, fontWeight: number): number {
  return fontSizePx >= 24 || (fontSizePx >= 18.66 && fontWeight >= 700) ? 3 : 4.5;
}

/**
 * The nearest colour that can be read on a background: hue kept, lightness moved as little as possible, chroma reduced
 * only where the screen can't show it (Oklch; Ottosson, 2020).
 *
 * @param needed the contrast ratio to reach, 1 to 21
 * @returns the colour itself when it can be read already
 */
export function nearestReadable(colour: string, background: string, needed: number): string {
  const seen = over(colour, background);
  if (contrast(seen, background) >= needed) return colour;
  const start = toOklch(parse(seen)) as Oklch;
  const candidates = [
    searchLightness(start, background, needed, 0),
    searchLightness(start, background, needed, 1),
  ];
  const [best] = candidates
    .filter((candidate) => candidate !== null)
    .sort((a, b) => Math.abs(a.l - start.l) - Math.abs(b.l - start.l));
  return (
    best?.hex ?? (contrast('#000000', background) > contrast('#ffffff', background) ? '#000000' : '#ffffff')
  );
}

function searchLightness(
  start: Oklch,
  background: string,
  needed: number,
  end: 0 | 1,
): { hex: string; l: number } | null {
  const at = (l: number) => formatHex(clampChroma({ ...start, l }, 'oklch'));
  const passes = (l: number) => contrast(at(l), background) >= needed;
  if (!passes(end)) return null;
  let failing = start.l;
  let passing: number = end;
  for (let round = 0; round < 18; round++) {
    const middle = (failing + passing) / 2;
    if (passes(middle)) passing = middle;
    else failing = middle;
  }
  return { hex: at(passing), l: passing };
}
