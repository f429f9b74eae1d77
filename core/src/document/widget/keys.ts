import { valueAt } from '../../base/maps/index.js';
import type { Element } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import { ancestorsOf, withDescendants } from './tree.js';

/** A field with a key that no other field of the form around `parent` has. */
export function withFreeKey(document: WidgetDocument, element: Element, parent: string): Element {
  return 'key' in element
    ? { ...element, key: freeKey(element.key, keysAround(document, parent, [])) }
    : element;
}

/** The keys of the form around a place, those of some elements left out. */
export function keysAround(
  { elements }: WidgetDocument,
  parent: string,
  without: readonly string[],
): Set<string> {
  const chain = [parent, ...ancestorsOf(elements, parent)];
  const form = chain.find((id) => valueAt(elements, id)?.type === 'form') ?? parent;
  const inside = withDescendants(elements, form).filter((id) => !without.includes(id));
  return new Set(inside.flatMap((id) => keyOf(valueAt(elements, id))));
}

const keyOf = (element: Element | undefined): string[] => (element && 'key' in element ? [element.key] : []);

/** A key or an id that none has yet: the wanted one, or that with a number. */
export function freeKey(wanted: string, taken: ReadonlySet<string>): string {
  let key = wanted;
  for (let count = 2; taken.has(key); count++) key = `${wanted}${count}`;
  return key;
}
