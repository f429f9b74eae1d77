import { valueAt } from '../../base/maps/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import { aliasPath, type Brand } from '../../style/index.js';
import {
  rootsOf,
  withDescendants,
  type Operation,
  type WidgetDocument,
} from '../../document/widget/index.js';
import type { ImageColours } from './backgrounds.js';

/** Something about a widget that a visitor would stumble over, and where there is one, the edit that mends it. */
export interface Finding {
  /** The element, or null for the widget as a whole. */
  element: string | null;
  text: string;
  /** An error keeps it from being published; a warning is asked about first. */
  severity?: 'error' | 'warning';
  repair?: { label: string; operation: Operation };
}

/** What only a drawn widget can tell. */
export interface Drawn {
  /** Things to be pressed that are smaller than they may be, px. */
  small: readonly { element: string; width: number; height: number }[];
  /** Elements that are wider than a window of 320 px leaves them. */
  wide: readonly string[];
  /** How much of a phone's window its opening covers, 0 to 1; what is part of a page covers nothing. */
  covers?: number;
}

/** A widget's address name, and what the site's other widgets open without the visitor doing anything. */
export interface Among {
  slug: string;
  others: readonly { slug: string; opens?: readonly string[] }[];
}

/** What is looked at. */
export interface Subject {
  document: WidgetDocument;
  brand: Brand;
  /** Colours sampled from the images behind texts. */
  images: ImageColours;
  /** Left out where the widget has not been drawn. */
  drawn?: Drawn;
  /** When it is looked at, ms since 1970; left out where nothing hangs on it. */
  now?: number;
  /** The widget among the site's others; left out where those are not known. */
  among?: Among;
  /** Every element that visitors may see, in reading order, by the face it stands in: a scene or a region. */
  faces: readonly { at: string; ids: readonly string[] }[];
}

/** One thing to look for. A new one is its file and a line in the registry. */
export type Rule = (subject: Subject) => Finding[];

/** What the check goes by besides the document and its brand. */
export type CheckedBy = Partial<Pick<Subject, 'images' | 'drawn' | 'now' | 'among'>>;

/** A widget as the rules of the check look at it. */
export function subjectOf(
  document: WidgetDocument,
  brand: Brand,
  { images = new Map(), ...by }: CheckedBy,
): Subject {
  const { elements } = document;
  const visible = (id: string): string[] => {
    const element = valueAt(elements, id);
    if (!element || element.hidden) return [];
    return [id, ...('children' in element ? element.children.flatMap(visible) : [])];
  };
  const faces = rootsOf(document).map(([at, root]) => ({ at, ids: visible(root) }));
  return { ...by, document, brand, images, faces };
}

/** Every element that visitors may see, with its id. */
export const seen = ({ document, faces }: Subject): [string, Element][] =>
  faces.flatMap(({ ids }) =>
    ids.map((id): [string, Element] => [id, valueAt(document.elements, id) as Element]),
  );

/** What an element is called, by its designer or by its kind. */
export const titleOf = (element: Element): string => element.title ?? definitionOf(element).title(element);

/** The parts of an element whose text has to be readable. */
export function textsOf(element: Element): readonly string[] {
  const { texts, container } = definitionOf(element);
  return texts?.(element as never) ?? (container ? [] : ['box']);
}

/** The elements inside another, all levels of them. */
export const inside = (subject: Subject, id: string): Element[] =>
  withDescendants(subject.document.elements, id).flatMap(
    (one) => valueAt(subject.document.elements, one) ?? [],
  );

/** What a repair is called that takes a colour: of the brand's own the last part of its name. */
export const labelOfUse = (colour: string): string => `Use ${aliasPath(colour)?.split('.').at(-1) ?? colour}`;

/** The edit that sets a key of an element. */
export const setting = (id: string, key: readonly string[], value: unknown): Operation => ({
  type: 'set',
  path: ['elements', id, ...key],
  value,
});
