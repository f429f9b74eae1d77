import { valueAt } from '../../base/maps/index.js';
import { definitionOf, mayStandIn, type Element, type ElementType } from '../elements/index.js';
import { freeKey, keysAround } from './keys.js';
import type { WidgetDocument } from './document.js';
import type { SceneName } from '../scenes/index.js';
import type { Operation } from './operations.js';
import { ancestorsOf, childrenOf, parentOf, withDescendants } from './tree.js';

/** A place in the tree: `at` counts among the children of `parent`. */
export interface Place {
  parent: string;
  at: number;
}

/** Types around a place, nearest first. */
export function typesAround(document: WidgetDocument, parent: string): ElementType[] {
  const chain = [parent, ...ancestorsOf(document.elements, parent)];
  return chain.flatMap((id) => valueAt(document.elements, id)?.type ?? []);
}

/** Whether an element, with all it holds, may stand under a parent. */
export function fits(document: WidgetDocument, id: string, parent: string): boolean {
  const element = valueAt(document.elements, id);
  if (!element || withDescendants(document.elements, id).includes(parent)) return false;
  const around = typesAround(document, parent);
  const inner = (at: string, chain: ElementType[]): boolean => {
    const one = valueAt(document.elements, at) as Element;
    return (
      mayStandIn(one.type, chain) && childrenOf(one).every((child) => inner(child, [one.type, ...chain]))
    );
  };
  return inner(id, around);
}

/**
 * Where a new element goes: into the selected container, else right after the selection, else at the end of the scene;
 * always the nearest place where its type may stand.
 */
export function placeFor(
  document: WidgetDocument,
  type: ElementType,
  selected: string | null,
  scene: SceneName,
): Place | null {
  const root = document.scenes[scene]?.root ?? document.scenes.opening.root;
  const start = selected && valueAt(document.elements, selected) ? selected : root;
  const chain = [start, ...ancestorsOf(document.elements, start)];
  for (const [index, parent] of chain.entries()) {
    if (!mayStandIn(type, typesAround(document, parent))) continue;
    const below = chain[index - 1];
    const children = childrenOf(valueAt(document.elements, parent));
    return { parent, at: below === undefined ? children.length : children.indexOf(below) + 1 };
  }
  return null;
}

/** A move, and where a moved field meets one with its key in another form, a new key for it. */
function moveApart(document: WidgetDocument, id: string, place: Place): Operation {
  const move: Operation = { type: 'move', id, ...place };
  const moved = withDescendants(document.elements, id);
  const taken = keysAround(document, place.parent, moved);
  const rekeyed = moved.flatMap((at): Operation[] => {
    const element = valueAt(document.elements, at);
    const inMovedForm = ancestorsOf(document.elements, at).some(
      (around) => moved.includes(around) && isForm(document, around),
    );
    if (!element || !('key' in element) || inMovedForm) return [];
    const key = freeKey(element.key, taken);
    taken.add(key);
    return key === element.key ? [] : [{ type: 'set', path: ['elements', at, 'key'], value: key }];
  });
  return rekeyed.length === 0 ? move : { type: 'group', operations: [move, ...rekeyed] };
}

const isForm = ({ elements }: WidgetDocument, id: string): boolean => valueAt(elements, id)?.type === 'form';

export type Direction = 'up' | 'down' | 'out' | 'in';

/**
 * The move that a key press asks for: up and down among the siblings and, at either end, past the parent; out of the
 * parent; into the sibling before.
 *
 * @returns `null` when there is nowhere to go
 */
export function moveByKey(document: WidgetDocument, id: string, direction: Direction): Operation | null {
  const { elements } = document;
  const parent = parentOf(elements, id);
  if (!parent) return null;
  const siblings = childrenOf(valueAt(elements, parent));
  const at = siblings.indexOf(id);
  const to = (place: Place | null): Operation | null =>
    place && (place.parent === parent || fits(document, id, place.parent))
      ? moveApart(document, id, place)
      : null;
  const outside = (after: 0 | 1): Place | null => {
    const outer = parentOf(elements, parent);
    return outer ? { parent: outer, at: childrenOf(valueAt(elements, outer)).indexOf(parent) + after } : null;
  };
  if (direction === 'up') return to(at > 0 ? { parent, at: at - 1 } : outside(0));
  if (direction === 'down') return to(at < siblings.length - 1 ? { parent, at: at + 1 } : outside(1));
  if (direction === 'out') return to(outside(1));
  const before = siblings[at - 1];
  return before && definitionOf(valueAt(elements, before) as Element).container
    ? to({ parent: before, at: childrenOf(valueAt(elements, before)).length })
    : null;
}

/** The move that puts an element before or after another, or into it, as a drag asks for; `null` when it may not stand there. */
export function moveTo(
  document: WidgetDocument,
  id: string,
  target: string,
  side: 'before' | 'after' | 'inside',
): Operation | null {
  if (id === target || !parentOf(document.elements, id)) return null;
  const parent = side === 'inside' ? target : parentOf(document.elements, target);
  if (!parent || !fits(document, id, parent)) return null;
  const others = childrenOf(valueAt(document.elements, parent)).filter((child) => child !== id);
  const at = side === 'inside' ? 0 : others.indexOf(target) + (side === 'after' ? 1 : 0);
  return moveApart(document, id, { parent, at });
}
