import { definitionOf } from '../elements/index.js';
import { surfaceRole } from '../render/index.js';
import {
  brandTokens,
  contrast,
  nearestReadable,
  neededContrast,
  over,
  resolveValue,
  type Brand,
  type ConditionParts,
  type ResolvedValue,
  type StyleSources,
} from '../style/index.js';
import { ancestorsOf, type WidgetDocument } from '../widget/index.js';

/** The contrast of one text against what lies behind it. */
export interface ContrastReading {
  /** Both as opaque hex colours. */
  colour: string;
  ground: string;
  /** 1 to 21. */
  ratio: number;
  needed: number;
  /** The nearest colour that can be read there; the colour itself where it can be read. */
  repair: string;
}

/** The sheets that speak for an element, or, with no element, for the widget's own box. */
export function sourcesOf(document: WidgetDocument, brand: Brand, id: string | null): StyleSources {
  const element = id === null ? undefined : document.elements[id];
  const role = element ? definitionOf(element).role(element) : surfaceRole(document.placement);
  const look = element?.look ? brand.looks[element.look] : undefined;
  const widget = document.style[role];
  return {
    role,
    ...(look && { look: { name: look.name, style: look.style } }),
    ...(widget && { widget }),
    ...(element?.style && { element: element.style }),
  };
}

/**
 * Reads the contrast of a part's text: its colour, inherited where it has none, over every ground behind it.
 *
 * @param part a part that shows text
 */
export function contrastOf(
  document: WidgetDocument,
  brand: Brand,
  id: string,
  part: string,
  wanted: ConditionParts = { screen: null, state: null },
): ContrastReading {
  const tokens = brandTokens(brand);
  const chain: [string | null, string][] = [
    [id, part],
    ...(part === 'box' ? [] : [[id, 'box'] as [string, string]]),
    ...ancestorsOf(document.elements, id).map((around): [string, string] => [around, 'box']),
    [null, 'box'],
  ];
  const find = (property: string) =>
    chain.map(([at, of]) =>
      resolveValue(
        sourcesOf(document, brand, at),
        of,
        property,
        at === id ? wanted : { ...wanted, state: null },
        tokens,
      ),
    );
  const nearest = (property: string) =>
    find(property).find((value): value is ResolvedValue => value !== null);
  // From the page, taken as white, up to the text: each ground lies over the one below.
  const ground = find('background')
    .reverse()
    .reduce((below, value) => (value ? over(value.css, below) : below), '#ffffff');
  const colour = over(nearest('color')?.css ?? '#000000', ground);
  const needed = neededContrast(
    parseFloat(nearest('fontSize')?.css ?? '16'),
    Number(nearest('fontWeight')?.css ?? 400),
  );
  return {
    colour,
    ground,
    ratio: contrast(colour, ground),
    needed,
    repair: nearestReadable(colour, ground, needed),
  };
}
