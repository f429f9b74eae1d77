import { surfaceRole } from '../document/placement/index.js';
import { definitionOf, type Element } from '../document/elements/index.js';
import { lookOf, type Brand } from '../style/index.js';
import type { WidgetDocument } from '../document/widget/index.js';

/** The id of the look that an element has. */
export const lookOfElement = (looks: Brand['looks'], element: Element): string | undefined =>
  lookOf(looks, definitionOf(element).role(element), element.look);

/** The id of the look that a widget's own box has. */
export const lookOfBox = (
  looks: Brand['looks'],
  { placement, look }: Pick<WidgetDocument, 'placement' | 'look'>,
): string | undefined => lookOf(looks, surfaceRole(placement), look);
