import { valueAt } from '../base/maps/index.js';
import { definitionOf, type Element, type ElementDefinition } from '../document/elements/index.js';
import { childrenOf, rootsOf, type WidgetDocument } from '../document/widget/index.js';
import type { Role } from '../style/index.js';

/** An element that is shown, with what is known of its kind: asked once, since all of the CSS goes by it. */
export interface Shown {
  id: string;
  element: Element;
  definition: ElementDefinition;
  role: Role;
}

/** The elements of a widget that visitors may see, in reading order. */
export function shownElements(document: WidgetDocument): Shown[] {
  const { elements } = document;
  const shown: Shown[] = [];
  const visit = (id: string): void => {
    const element = valueAt(elements, id);
    if (!element || element.hidden) return;
    const definition = definitionOf(element);
    shown.push({ id, element, definition, role: definition.role(element) });
    for (const child of childrenOf(element)) visit(child);
  };
  for (const [, root] of rootsOf(document)) visit(root);
  return shown;
}
