import { definitionOf, type Element } from '../elements/index.js';
import { surfaceRole } from '../render/index.js';
import { lookOf, type Brand } from '../style/index.js';
import type { WidgetDocument } from '../widget/index.js';

/**
 * How many times a widget uses each look of its brand: its elements and its own box, those that take the standard look of
 * their role without choosing it among them.
 */
export function looksUsed(
  { elements, placement, look }: WidgetDocument,
  { looks }: Pick<Brand, 'looks'>,
): ReadonlyMap<string, number> {
  const uses = new Map<string, number>();
  const count = (id: string | undefined) => id !== undefined && uses.set(id, (uses.get(id) ?? 0) + 1);
  count(lookOf(looks, surfaceRole(placement), look));
  for (const element of Object.values(elements) as Element[])
    count(lookOf(looks, definitionOf(element).role(element), element.look));
  return uses;
}
