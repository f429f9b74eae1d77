import { directionEdit, directions, type DirectionName } from '@sirene/core/library/directions';
import type { Brand } from '@sirene/core/style';
import { applyOperation, type WidgetDocument } from '@sirene/core/document/widget';

/** As it was designed, or in one of the directions. */
export type Dress = '' | DirectionName;

export const dressNames: Record<string, string> = Object.fromEntries(
  Object.entries(directions).map(([name, { label }]) => [name, label]),
);

const made = new WeakMap<WidgetDocument, Map<string, { brand: Brand; document: WidgetDocument }>>();

/** A widget in a direction. Dressing it reads its contrasts, so each is made once. */
export function dressed(document: WidgetDocument, dress: Dress, brand: Brand): WidgetDocument {
  if (dress === '') return document;
  const known = made.get(document) ?? new Map<string, { brand: Brand; document: WidgetDocument }>();
  made.set(document, known);
  const kept = known.get(dress);
  if (kept?.brand === brand) return kept.document;
  const result = applyOperation(document, directionEdit(document, dress, brand)).document;
  known.set(dress, { brand, document: result });
  return result;
}
