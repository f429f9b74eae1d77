import { valueAt } from '../../base/maps/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import { lookOfBox, lookOfElement, placementSheet, remainsOf } from '../../compile/index.js';
import {
  brandTokens,
  colourDistance,
  contrast,
  hexOf,
  isOpaque,
  mergeSheets,
  nearestReadable,
  neededContrast,
  over,
  resolveValue,
  roleStyle,
  type Brand,
  type ConditionParts,
  type Role,
  type StyleSources,
} from '../../style/index.js';
import { surfaceRole } from '../../document/placement/index.js';
import { ancestorsOf, rootsOf, type WidgetDocument } from '../../document/widget/index.js';
import { drawnOver, type ImageColours } from './backgrounds.js';

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

/** The sheets that speak for an element, or, with no element, for the widget's own box. */
export function sourcesOf(document: WidgetDocument, brand: Brand, id: string | null): StyleSources {
  const element = id === null ? undefined : valueAt(document.elements, id);
  const role = element ? definitionOf(element).role(element) : surfaceRole(document.placement);
  const looks = looksOf(document, brand, id, role);
  const widget = document.style[role];
  return {
    role,
    ...(!element && { placement: placementSheet(document.placement) }),
    ...(element && variantsOf(element, role)),
    ...(looks.length > 0 && { looks }),
    ...(widget && { widget }),
    ...(element?.style && { element: element.style }),
  };
}

function variantsOf(element: Element, role: Role): Pick<StyleSources, 'brand'> {
  const variants = definitionOf(element).variants?.(element) ?? [];
  if (variants.length === 0) return {};
  return { brand: variants.reduce((under, { sheet }) => mergeSheets(under, sheet), roleStyle(role)) };
}

function looksOf(document: WidgetDocument, { looks }: Brand, id: string | null, role: Role) {
  const { elements } = document;
  const ofElement = (one: string) => {
    const element = valueAt(elements, one);
    return element && lookOfElement(looks, element);
  };
  const ofBox = lookOfBox(looks, document);
  const own = id === null ? ofBox : ofElement(id);
  const around = id === null ? [] : [...ancestorsOf(elements, id).map(ofElement), ofBox];
  const found = [
    [own, own && valueAt(looks, own)?.style] as const,
    ...around.map((one) => [one, one && valueAt(looks, one)?.inside?.[role]] as const),
  ];
  return found.flatMap(([name, style]) => (name && style ? [{ id: name, style }] : []));
}

/** The parts of the widget's own box around a root, nearest first: a folded launcher stands on no box. */
function surfaceParts(document: WidgetDocument, root: string): string[] {
  const place = rootsOf(document).find(([, one]) => one === root)?.[0];
  if (place === 'regions.header') return ['header', 'box'];
  if (place === 'regions.footer') return ['footer', 'box'];
  if (place === 'scenes.teaser' && (document.placement.type === 'launcher' || remainsOf(document) !== null))
    return ['launcher'];
  return ['body', 'box'];
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
  const tokens = brandTokens(brand);
  const around = ancestorsOf(document.elements, id);
  const element = valueAt(document.elements, id);
  const reader = (at: string | null, of: string) => {
    const sources = sourcesOf(document, brand, at);
    const holding = at === id ? wanted : { ...wanted, state: null };
    return (property: string) => resolveValue(sources, of, property, holding, tokens);
  };
  const boxes: [string | null, string][] = [
    [id, part],
    ...(part === 'box' ? [] : [[id, 'box'] as [string, string]]),
    ...around.map((one): [string, string] => [one, 'box']),
    ...surfaceParts(document, around.at(-1) ?? id).map((one): [null, string] => [null, one]),
  ];
  const readers = boxes.map(([at, of]) => reader(at, of));
  const blending = boxes.find((_, at) => !['normal', undefined].includes(readers[at]?.('blend')?.css));
  const nearest = (property: string) => readers.map((read) => read(property)).find((value) => value !== null);
  // From the page, taken as white, up to the text: each background lies over the one below.
  // What lies behind without being around is drawn, and nothing is inherited from it.
  const behind = (element && definitionOf(element).behind?.(element, part)) ?? [];
  const drawn = readers.toSpliced(1, 0, ...behind.map((one) => reader(id, one)));
  const backgrounds = drawn.toReversed().reduce((below, read) => drawnOver(below, read, images), ['#ffffff']);
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
    ...(blending && { blendedBy: blending[0] }),
    repair: readableOn(backgrounds, worst.colour, worst.background, needed),
    brandRepairs: isPoor ? brandColoursOn(brand, backgrounds, worst.colour, needed) : [],
  };
}

/** The brand's colours that can be read on all of the backgrounds, those that differ least from a colour first (Oklab). */
function brandColoursOn(brand: Brand, backgrounds: readonly string[], colour: string, needed: number) {
  return [...brandTokens(brand).values()]
    .filter(({ type, css }) => type === 'color' && isOpaque(css))
    .filter(({ css }) =>
      backgrounds.every((background) => contrast(over(css, background), background) >= needed),
    )
    .map(({ path, css }) => ({ alias: `{${path}}`, colour: hexOf(css), far: colourDistance(css, colour) }))
    .sort((one, other) => one.far - other.far)
    .map(({ alias, colour: hex }) => ({ alias, colour: hex }));
}

// The nearest colour for the worst background need not do for the others; then what is readable on most is offered.
function readableOn(backgrounds: readonly string[], colour: string, worst: string, needed: number): string {
  const least = (candidate: string) =>
    Math.min(...backgrounds.map((background) => contrast(over(candidate, background), background)));
  const near = nearestReadable(colour, worst, needed);
  if (least(near) >= needed) return near;
  return least('#000000') > least('#ffffff') ? '#000000' : '#ffffff';
}
