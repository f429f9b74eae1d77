import type { Element } from '../../document/elements/index.js';
import { lookOfBox, lookOfElement } from '../../compile/index.js';
import type { Brand } from '../../style/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';

/**
 * How many times a widget uses each look of its brand: its elements and its own box, those that take the standard look of
 * their role without choosing it among them.
 */
export function looksUsed(
  document: WidgetDocument,
  { looks }: Pick<Brand, 'looks'>,
): ReadonlyMap<string, number> {
  const elements = Object.values(document.elements) as Element[];
  const uses = new Map<string, number>();
  for (const id of [lookOfBox(looks, document), ...elements.map((one) => lookOfElement(looks, one))])
    if (id !== undefined) uses.set(id, (uses.get(id) ?? 0) + 1);
  return uses;
}
