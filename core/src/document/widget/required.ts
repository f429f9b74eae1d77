import { Kind, type TSchema } from '@sinclair/typebox';
import { definitionOf } from '../elements/index.js';
import { valueAt } from '../../base/maps/index.js';
import { placementDefinitionOf } from '../placement/index.js';
import type { WidgetDocument } from './document.js';
import type { Path } from './operations.js';

/**
 * Whether something has to stand at a path of an element or of the placement: whoever empties a field there leaves an
 * empty value, not none.
 *
 * @example isRequiredAt(document, ['elements', 'e1', 'label']) // true for a button
 */
export function isRequiredAt(document: WidgetDocument, path: Path): boolean {
  const [key, ...rest] = path;
  if (key === 'placement') return isRequired(placementDefinitionOf(document.placement).schema, rest);
  const element = key === 'elements' ? valueAt(document.elements, rest[0] ?? '') : undefined;
  return element !== undefined && isRequired(definitionOf(element).schema, rest.slice(1));
}

function isRequired(schema: TSchema, [key, ...rest]: Path): boolean {
  if (key === undefined || schema[Kind] !== 'Object') return false;
  if (rest.length === 0) return ((schema['required'] as string[] | undefined) ?? []).includes(key);
  const inner = valueAt(schema['properties'] as Record<string, TSchema>, key);
  return inner !== undefined && isRequired(inner, rest);
}
