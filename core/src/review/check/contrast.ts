import { contrast, neededContrast, over, type Brand, type ConditionParts } from '../../style/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';
import { drawnOver, type ImageColours } from './backgrounds.js';
import { brandColoursOn, readableOn } from './readable.js';
import { surroundingsOf } from './surroundings.js';

/** The contrast of one text against what lies behind it. */
export interface ContrastReading {
  /** Both as opaque hex colours. */
  colour: string;
  background: string;
  /** 1 to 21. */
  ratio: number;
  needed: number;
  /**
   * What blends the text with the page, so that its colours are not those that are seen and no repair is sure: an element,
   * or the widget's own box as `null`. Left out where nothing does.
   */
  blendedBy?: string | null;
  /** The nearest colour that can be read there; the colour itself where it can be read. */
  repair: string;
  /** The brand's own colours that can be read there, nearest first, as aliases with their colour. */
  brandRepairs: readonly { alias: string; colour: string }[];
}

const noImages: ImageColours = new Map();

/**
 * Reads the contrast of a part's text: its colour, inherited where it has none, over every background behind it. Of a
 * gradient or an image the worst colour counts.
 *
 * @param part a part that shows text
 * @param images colours sampled from the images behind texts; an image that is not among them is passed over
 */
export function contrastOf(
  document: WidgetDocument,
  brand: Brand,
  id: string,
  part: string,
  wanted: ConditionParts = { screen: null, state: null },
  images: ImageColours = noImages,
): ContrastReading {
  const { own, nearest, behind, blendedBy } = surroundingsOf(document, brand, id, part, wanted, images);
  const backgrounds = drawnOver(behind, own, images);
  const text = nearest('color')?.css ?? '#000000';
  const needed = neededContrast(
    parseFloat(nearest('fontSize')?.css ?? '16'),
    Number(nearest('fontWeight')?.css ?? 400),
  );
  const [worst] = backgrounds
    .map((background) => ({
      background,
      colour: over(text, background),
      ratio: contrast(over(text, background), background),
    }))
    .sort((one, other) => one.ratio - other.ratio) as [
    Pick<ContrastReading, 'background' | 'colour' | 'ratio'>,
  ];
  const isPoor = worst.ratio < needed;
  return {
    ...worst,
    needed,
    ...(blendedBy !== undefined && { blendedBy }),
    repair: readableOn(backgrounds, worst.colour, worst.background, needed),
    brandRepairs: isPoor ? brandColoursOn(brand, backgrounds, worst.colour, needed) : [],
  };
}
