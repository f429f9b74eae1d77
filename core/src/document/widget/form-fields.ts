import { valueAt } from '../../base/maps/index.js';
import type { FormulaFields } from '../../form/index.js';
import type { AnswerField } from '../elements/definition.js';
import { definitionOf } from '../elements/index.js';
import type { WidgetDocument } from './document.js';
import { ancestorsOf, withDescendants } from './tree.js';

/** The fields of a form, as its conditions and formulas know them, in reading order; each with its element. */
export function formFields(
  elements: WidgetDocument['elements'],
  form: string,
): (AnswerField & { element: string })[] {
  return withDescendants(elements, form).flatMap((id) => {
    const element = valueAt(elements, id);
    const fields = (element && definitionOf(element).answers?.(element)) ?? [];
    return fields.map((field) => ({ ...field, element: id }));
  });
}

/** The same as formulas name them. */
export const formulaFields = (fields: readonly AnswerField[]): FormulaFields =>
  Object.fromEntries(fields.map(({ key, gives, values }) => [key, values ? { gives, values } : gives]));

/** The form that an element stands in; `undefined` outside of one. */
export const formAround = (elements: WidgetDocument['elements'], id: string): string | undefined =>
  ancestorsOf(elements, id).find((one) => valueAt(elements, one)?.type === 'form');
