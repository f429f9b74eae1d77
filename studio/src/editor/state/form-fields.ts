import { createContext, useContext } from 'react';
import { formAround, formFields } from '@sirene/core/document/widget';
import { useSettledDocument } from './editing.ts';
import { useSelection } from './selection.ts';

type FormField = ReturnType<typeof formFields>[number];

/** The fields that conditions around it can name, where that is not decided by what is selected. */
export const FormFieldsContext = createContext<readonly FormField[] | null>(null);

/**
 * The fields of the form around the selected element that its conditions and formulas can name: the others, and itself where it is
 * compared with them.
 */
export function useFormFields(withItself = false): readonly FormField[] {
  const given = useContext(FormFieldsContext);
  const { selection } = useSelection();
  const { elements } = useSettledDocument();
  if (given) return given;
  const form = selection === null ? undefined : formAround(elements, selection);
  return form === undefined
    ? []
    : formFields(elements, form).filter(({ element }) => withItself || element !== selection);
}
