import { valueAt } from '../../base/maps/index.js';
import { definitionOf } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import { applyOperation, type Operation } from './operations.js';
import { ancestorsOf, parentOf, rootsOf, withDescendants } from './tree.js';

/** Of several elements those that stand in none of the others, in reading order; roots of scenes are left out. */
export function topmost(document: WidgetDocument, ids: readonly string[]): string[] {
  const wanted = new Set(ids.filter((id) => parentOf(document.elements, id) !== null));
  const inOrder = rootsOf(document).flatMap(([, root]) => withDescendants(document.elements, root));
  return inOrder.filter(
    (id) => wanted.has(id) && !ancestorsOf(document.elements, id).some((around) => wanted.has(around)),
  );
}

/**
 * The edit that does the same to several elements, one after the other, each on what the one before has left.
 *
 * @returns `null` when none of them has anything to be done
 */
export function inTurn(
  document: WidgetDocument,
  ids: readonly string[],
  edit: (document: WidgetDocument, id: string) => Operation | null,
): Operation | null {
  const operations: Operation[] = [];
  let current = document;
  for (const id of ids) {
    const operation = edit(current, id);
    if (!operation) continue;
    operations.push(operation);
    current = applyOperation(current, operation).document;
  }
  const [first] = operations;
  return operations.length > 1 ? { type: 'group', operations } : (first ?? null);
}

/**
 * The edit that gives elements the look of another: its own values for parts they have, its look where they share its
 * role, and its motion.
 */
export function pasteStyle(
  document: WidgetDocument,
  ids: readonly string[],
  from: CopiedStyle,
): Operation | null {
  return inTurn(document, ids, ({ elements }, id) => {
    const element = valueAt(elements, id);
    if (!element) return null;
    const definition = definitionOf(element);
    const style = Object.fromEntries(
      Object.entries(from.style ?? {}).filter(([part]) => definition.parts.includes(part)),
    );
    const set = (key: string, value: unknown): Operation => ({
      type: 'set',
      path: ['elements', id, key],
      value,
    });
    return {
      type: 'group',
      operations: [
        set('style', Object.keys(style).length > 0 ? style : undefined),
        set('motion', from.motion),
        ...(definition.role(element) === from.role ? [set('look', from.look)] : []),
      ],
    };
  });
}

/** How an element looks, without what it is. */
export interface CopiedStyle {
  role: string;
  look?: string;
  style?: WidgetDocument['elements'][string]['style'];
  motion?: WidgetDocument['motion'];
}

/** The style of an element as it is copied: its look, its own values, and the role they are for. */
export function styleOf(document: WidgetDocument, id: string): CopiedStyle | null {
  const element = valueAt(document.elements, id);
  if (!element) return null;
  const { look, style, motion } = element;
  return {
    role: definitionOf(element).role(element),
    ...(look && { look }),
    ...(style && { style }),
    ...(motion && { motion }),
  };
}
