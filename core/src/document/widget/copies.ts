import { valueAt } from '../../base/maps/index.js';
import {
  createElement,
  definitionOf,
  mayStandIn,
  type Element,
  type ElementType,
} from '../elements/index.js';
import { placeFor, typesAround, type Place } from './arrange.js';
import { copyBranch, newId } from './create.js';
import type { WidgetDocument } from './document.js';
import type { SceneName } from '../scenes/index.js';
import { freeKey, keysAround } from './keys.js';
import type { Branch, Operation } from './operations.js';
import { ancestorsOf, childrenOf, parentOf, withDescendants } from './tree.js';

/** An element with all it holds, as it stands in a document. */
export function branchOf({ elements }: WidgetDocument, id: string): Branch {
  const ids = withDescendants(elements, id);
  return {
    root: id,
    elements: Object.fromEntries(ids.map((one) => [one, valueAt(elements, one) as Element])),
  };
}

/** A copy of a branch for a place: new ids, and keys that the form around has not. */
function copyFor(document: WidgetDocument, branch: Branch, parent: string, random: () => number): Branch {
  const copy = copyBranch(branch.elements, branch.root, random);
  const taken = keysAround(document, parent, []);
  for (const [id, element] of Object.entries(copy.elements)) {
    // Fields of a copied form are in a form of their own; others join the form they stand in.
    const inCopiedForm = ancestorsOf(copy.elements, id).some(
      (around) => valueAt(copy.elements, around)?.type === 'form',
    );
    if (!('key' in element) || inCopiedForm) continue;
    const key = freeKey(element.key, taken);
    taken.add(key);
    copy.elements[id] = { ...element, key };
  }
  return copy;
}

/** The edit that copies an element, with all it holds, to right behind it. */
export function duplicate(
  document: WidgetDocument,
  id: string,
  random: () => number,
): { operation: Operation; id: string } | null {
  const parent = parentOf(document.elements, id);
  if (!parent) return null;
  const branch = copyFor(document, branchOf(document, id), parent, random);
  const at = childrenOf(valueAt(document.elements, parent)).indexOf(id) + 1;
  return { operation: { type: 'insert', branch, parent, at }, id: branch.root };
}

/**
 * The edit that puts in a copy of a branch from anywhere: another widget, another site, the shelf. It goes where a new
 * element of its type would; fields without a form bring one along.
 *
 * @returns the operation and the id of the copy, or `null` when it can stand nowhere
 */
export function insertBranch(
  document: WidgetDocument,
  branch: Branch,
  selected: string | null,
  scene: SceneName,
  random: () => number,
): { operation: Operation; id: string } | null {
  const root = valueAt(branch.elements, branch.root);
  if (!root) return null;
  const place = placeFor(document, root.type, selected, scene);
  if (place && standsIn(branch, branch.root, typesAround(document, place.parent))) {
    const copy = copyFor(document, branch, place.parent, random);
    return { operation: { type: 'insert', branch: copy, ...place }, id: copy.root };
  }
  const holder = definitionOf(root).inside?.always?.[0] as ElementType | undefined;
  const outside: Place | null = holder ? placeFor(document, holder, selected, scene) : null;
  if (!holder || !outside) return null;
  const copy = copyBranch(branch.elements, branch.root, random);
  const id = newId(random);
  const held = { ...createElement(holder), children: [copy.root] } as Element;
  return {
    operation: {
      type: 'insert',
      branch: { root: id, elements: { [id]: held, ...copy.elements } },
      ...outside,
    },
    id: copy.root,
  };
}

function standsIn(branch: Branch, id: string, around: readonly ElementType[]): boolean {
  const element = valueAt(branch.elements, id);
  return (
    element !== undefined &&
    mayStandIn(element.type, around) &&
    childrenOf(element).every((child) => standsIn(branch, child, [element.type, ...around]))
  );
}
