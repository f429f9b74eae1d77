import { valueAt } from '../../base/maps/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import { lookOfBox, lookOfElement, placementSheet, remainsOf } from '../../compile/index.js';
import {
  brandTokens,
  mergeSheets,
  resolveValue,
  roleStyle,
  type Brand,
  type ConditionParts,
  type Role,
  type StyleSources,
} from '../../style/index.js';
import { surfaceRole } from '../../document/placement/index.js';
import { ancestorsOf, rootsOf, type WidgetDocument } from '../../document/widget/index.js';
import { drawnOver, type ImageColours, type Reader } from './backgrounds.js';

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

/** What a part of an element lies in. */
export interface Surroundings {
  /** Reads the part itself. */
  own: Reader;
  /** Reads a property that is inherited: of the part, or of the nearest box around it that says something. */
  nearest: Reader;
  /**
   * The colours that may lie behind the part, without its own background, as opaque hex colours. Of an image those that were
   * sampled; one that was not is passed over.
   */
  behind: readonly string[];
  /**
   * What blends it with the page, so that its colours are not those that are seen: an element, or the widget's own box as `null`.
   * Left out where nothing does.
   */
  blendedBy?: string | null;
}

/** What a part of an element lies in: the boxes around it, up to the page, which is taken as white. */
export function surroundingsOf(
  document: WidgetDocument,
  brand: Brand,
  id: string,
  part: string,
  wanted: ConditionParts,
  images: ImageColours,
): Surroundings {
  const tokens = brandTokens(brand);
  const ancestors = ancestorsOf(document.elements, id);
  const element = valueAt(document.elements, id);
  const reader = (at: string | null, of: string): Reader => {
    const sources = sourcesOf(document, brand, at);
    const holding = at === id ? wanted : { ...wanted, state: null };
    return (property) => resolveValue(sources, of, property, holding, tokens);
  };
  const boxes: [string | null, string][] = [
    [id, part],
    ...(part === 'box' ? [] : [[id, 'box'] as [string, string]]),
    ...ancestors.map((one): [string, string] => [one, 'box']),
    ...surfaceParts(document, ancestors.at(-1) ?? id).map((one): [null, string] => [null, one]),
  ];
  const readers = boxes.map(([at, of]) => reader(at, of));
  const [own, ...around] = readers as [Reader, ...Reader[]];
  const blending = boxes.find((_, at) => !['normal', undefined].includes(readers[at]?.('blend')?.css));
  // What lies behind without being around is drawn, and nothing is inherited from it.
  const drawn = (element && definitionOf(element).behind?.(element, part)) ?? [];
  return {
    own,
    nearest: (property) => readers.map((read) => read(property)).find((value) => value !== null) ?? null,
    behind: [...drawn.map((one) => reader(id, one)), ...around]
      .toReversed()
      .reduce((below, read) => drawnOver(below, read, images), ['#ffffff']),
    ...(blending && { blendedBy: blending[0] }),
  };
}
