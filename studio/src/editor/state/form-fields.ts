import { formAround, formFields } from '@sirene/core/document/widget';
import { useSettledDocument } from './editing.ts';
import { useSelection } from './selection.ts';

type FormField = ReturnType<typeof formFields>[number];

/** The other fields of the form around the selected element: what its conditions and formulas can name. */
export function useFormFields(): readonly FormField[] {
  const { selection } = useSelection();
  const { elements } = useSettledDocument();
  const form = selection === null ? undefined : formAround(elements, selection);
  return form === undefined ? [] : formFields(elements, form).filter(({ element }) => element !== selection);
}
