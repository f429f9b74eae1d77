import {
  brandTokens,
  colourDistance,
  contrast,
  hexOf,
  isOpaque,
  nearestReadable,
  over,
  type Brand,
} from '../../style/index.js';

/** The brand's colours that can be read on all of the backgrounds, those that differ least from a colour first (Oklab). */
export function brandColoursOn(brand: Brand, backgrounds: readonly string[], colour: string, needed: number) {
  return [...brandTokens(brand).values()]
    .filter(({ type, css }) => type === 'color' && isOpaque(css))
    .filter(({ css }) =>
      backgrounds.every((background) => contrast(over(css, background), background) >= needed),
    )
    .map(({ path, css }) => ({ alias: `{${path}}`, colour: hexOf(css), far: colourDistance(css, colour) }))
    .sort((one, other) => one.far - other.far)
    .map(({ alias, colour: hex }) => ({ alias, colour: hex }));
}

/** The nearest colour that is told from the worst background; where it is not from all of them, black or white. */
export function readableOn(
  backgrounds: readonly string[],
  colour: string,
  worst: string,
  needed: number,
): string {
  const least = (candidate: string) =>
    Math.min(...backgrounds.map((background) => contrast(over(candidate, background), background)));
  const near = nearestReadable(colour, worst, needed);
  if (least(near) >= needed) return near;
  return least('#000000') > least('#ffffff') ? '#000000' : '#ffffff';
}
