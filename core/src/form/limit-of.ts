import { valueAt } from '../base/maps/index.js';
import type { FieldRule } from './field.js';
import { fieldChecks } from './registry.js';

/**
 * A limit of a field, as what its values are compared with; NaN where there is none, or what stands there is none.
 *
 * @param today days since 1970
 */
export function limitOf(
  field: Readonly<Pick<FieldRule, 'kind'> & { min?: string | undefined; max?: string | undefined }>,
  which: 'min' | 'max',
  today: number,
): number {
  const text = which === 'min' ? field.min : field.max;
  return text === undefined ? NaN : (valueAt(fieldChecks, field.kind)?.limit ?? Number)(text, today);
}
