import { wholeImage } from '../../base/sanitise/index.js';
import {
  gradientColours,
  luminance,
  over,
  type ConditionParts,
  type ResolvedValue,
} from '../../style/index.js';

/** Colours sampled from images, hex, by the address that styles name them by. */
export type ImageColours = ReadonlyMap<string, readonly string[]>;

/** Looks up a property of one box. */
export type Reader = (property: string, wanted?: ConditionParts) => ResolvedValue | null;

// Enough to catch the worst of a background; every further colour is read against every text.
const mostColours = 48;

/** As few colours as stand for all, the darkest and the lightest among them. */
function thinned(colours: readonly string[]): string[] {
  const distinct = [...new Set(colours)];
  if (distinct.length <= mostColours) return distinct;
  const sorted = distinct.sort((a, b) => luminance(a) - luminance(b));
  return Array.from(
    { length: mostColours },
    (_, at) => sorted[Math.round((at * (sorted.length - 1)) / (mostColours - 1))] as string,
  );
}

/**
 * The colours that may lie behind a box once it has been drawn over those below: its background, its image at its
 * strength, its gradient, in the order in which browsers draw them (CSS Backgrounds 3, 3.10).
 *
 * @param below opaque hex colours
 * @returns opaque hex colours
 */
export function drawnOver(below: readonly string[], read: Reader, images: ImageColours): string[] {
  let colours = [...below];
  const lay = (layer: readonly string[]) => {
    if (layer.length > 0) colours = thinned(layer.flatMap((one) => colours.map((under) => over(one, under))));
  };
  const background = read('background')?.css;
  if (background) lay([background]);
  const image = read('image')?.value;
  if (typeof image === 'string' && image !== 'none') {
    const found = images.get(image) ?? images.get(wholeImage(image)) ?? [];
    const strength = Number(read('imageOpacity')?.value ?? 1);
    // Weaker images lie under a veil of the background's own colour.
    const veil = background ?? '#ffffff';
    lay(strength < 1 ? found.map((one) => over(faded(one, strength), over(veil, '#ffffff'))) : found);
  }
  lay(gradientColours(read('gradient')?.css ?? ''));
  return colours;
}

const faded = (hex: string, share: number): string =>
  hex.slice(0, 7) +
  Math.round(share * 255)
    .toString(16)
    .padStart(2, '0');
