import { valueAt } from '../../base/maps/index.js';
import { definitionOf, mayStandIn, type ElementType } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import type { Problem } from '../../base/schema/problem.js';
import { childrenOf, rootsOf } from './tree.js';

/** Finds elements that stand where their kind may not, and fields of one form that share a key. Needs a sound tree. */
export function* standingProblems(
  document: Pick<WidgetDocument, 'scenes' | 'regions' | 'elements'>,
): Generator<Problem> {
  for (const [name, id] of rootsOf(document)) {
    const root = valueAt(document.elements, id);
    if (!root || !definitionOf(root).container) {
      yield { path: `${name}.root`, reason: 'must be an element that holds others' };
      return;
    }
    yield* standing(document, id, [], new Map());
  }
}

function* standing(
  { elements }: Pick<WidgetDocument, 'elements'>,
  id: string,
  around: readonly ElementType[],
  keys: Map<string, string>,
): Generator<Problem> {
  const element = valueAt(elements, id);
  if (!element) return;
  if (around.length > 0 && !mayStandIn(element.type, around)) {
    yield { path: `elements.${id}`, reason: `is a ${element.type} and can't stand there` };
  }
  if ('key' in element) {
    const first = keys.get(element.key);
    if (first)
      yield { path: `elements.${id}.key`, reason: `is "${element.key}", which field ${first} has already` };
    keys.set(element.key, id);
  }
  const inner = element.type === 'form' ? new Map<string, string>() : keys;
  for (const child of childrenOf(element))
    yield* standing({ elements }, child, [element.type, ...around], inner);
}
