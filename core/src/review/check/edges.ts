import { contrast, over, type Brand } from '../../style/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';
import { drawnOver, type ImageColours } from './backgrounds.js';
import { brandColoursOn, readableOn } from './readable.js';
import { surroundingsOf } from './surroundings.js';

/** What the edge of a control needs against what lies around it (WCAG 2.2, 1.4.11). */
export const neededEdge = 3;

/** How well the edge of a control is seen. */
export interface EdgeReading {
  /** 1 to 21: of its border, or of its background where that is told better from what lies around it. */
  ratio: number;
  /** Whether it has a border at all. */
  isBordered: boolean;
  /** Whether something blends it with the page, so that its colours are not those that are seen. */
  isBlended: boolean;
  /** A colour of a border that is seen there: an alias of the brand's own, or a hex colour; `null` where it is seen already. */
  repair: string | null;
}

/**
 * Reads how well a control can be told from what lies around it. Of a gradient or an image the worst colour counts.
 *
 * @param part the part that is filled in
 * @param images colours sampled from the images behind it
 */
export function edgeOf(
  document: WidgetDocument,
  brand: Brand,
  id: string,
  part: string,
  images: ImageColours,
): EdgeReading {
  const rest = { screen: null, state: null };
  const { own, nearest, behind, blendedBy } = surroundingsOf(document, brand, id, part, rest, images);
  const isBordered = /[1-9]/.test(own('borderWidth')?.css ?? '') && own('borderStyle')?.css !== 'none';
  const border = (own('borderColor') ?? nearest('color'))?.css ?? '#000000';
  const seen = behind.map((ground) => {
    const fills = drawnOver([ground], own, images).map((fill) => contrast(fill, ground));
    const edge = isBordered ? contrast(over(border, ground), ground) : 1;
    return { ground, ratio: Math.max(edge, Math.min(...fills)) };
  });
  const [worst] = seen.sort((one, other) => one.ratio - other.ratio) as [(typeof seen)[number]];
  const colour = over(border, worst.ground);
  return {
    ratio: worst.ratio,
    isBordered,
    isBlended: blendedBy !== undefined,
    repair:
      worst.ratio >= neededEdge
        ? null
        : (brandColoursOn(brand, behind, colour, neededEdge)[0]?.alias ??
          readableOn(behind, colour, worst.ground, neededEdge)),
  };
}
