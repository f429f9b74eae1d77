import { valueAt } from '@sirene/core/base/maps';
import type { FormRule } from '@sirene/core/form';
import type { Mounted } from '../mount.ts';

/** The forms that stand in a widget, each with its rule. */
export const formsOf = ({ box, body }: Mounted): [HTMLFormElement, FormRule][] =>
  [...box.querySelectorAll('form')].flatMap((form) => {
    const rule = valueAt(body.forms, form.getAttribute('data-e') ?? '');
    return rule ? [[form, rule] as [HTMLFormElement, FormRule]] : [];
  });
