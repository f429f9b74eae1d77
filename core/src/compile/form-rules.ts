import type { Messages } from '../base/messages/index.js';
import {
  ancestorsOf,
  formFields,
  formulaFields,
  withDescendants,
  type WidgetDocument,
} from '../document/widget/index.js';
import { valueAt } from '../base/maps/index.js';
import type { FieldRule, FormRule, FormTree } from '../form/index.js';
import type { Shown } from './shown.js';

/** What the forms of a widget take, each by its element. */
export function formRules(
  document: WidgetDocument,
  shown: readonly Shown[],
  messages: Messages,
  language: string,
): Record<string, FormRule> {
  const forms = shown.filter(({ element }) => element.type === 'form');
  return Object.fromEntries(forms.map(({ id }) => [id, formRule(document, id, shown, messages, language)]));
}

function formRule(
  { elements }: WidgetDocument,
  form: string,
  shown: readonly Shown[],
  messages: Messages,
  language: string,
): FormRule {
  const inside = new Set(withDescendants(elements, form));
  const within = shown.filter(({ id }) => inside.has(id));
  const types = formulaFields(formFields(elements, form));
  const fields = within.flatMap(({ id, element, definition }): FieldRule[] => {
    const rules = definition.fieldRules?.(element, id, messages, types) ?? [];
    const around = [id, ...ancestorsOf(elements, id)].filter((one) => inside.has(one));
    const trees = around.flatMap((one) => valueAt(elements, one)?.when ?? []);
    const [only] = trees;
    const when = trees.length > 1 ? { all: trees } : only;
    return rules.map((rule) => (when ? { ...rule, when } : rule));
  });
  const shows: [string, FormTree][] = within.flatMap(({ id, element }) =>
    element.when ? [[id, element.when]] : [],
  );
  const isDated = fields.some(({ kind }) => kind === 'date');
  return {
    fields,
    ...(shows.length > 0 && { shows: Object.fromEntries(shows) }),
    ...(isDated && { lang: language }),
  };
}
