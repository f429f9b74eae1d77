import { createPlacement, type PlacementType } from '../../document/placement/index.js';
import { createWidget, type Kind, type WidgetDocument } from '../../document/widget/index.js';
import { buildWidget, form, heading, words } from '../sketch/index.js';
import type { TakenForm } from './take-forms.js';

/** A widget of a form that was taken over: its heading, its fields, its button, and thanks. */
export function widgetOfForm(taken: TakenForm, name: string, kind: Kind): WidgetDocument {
  const { placement } = createWidget(name, kind);
  const button = { type: 'button', label: taken.button || 'Send', action: { type: 'submit' } } as const;
  return buildWidget({
    ...{ name, kind },
    placement: createPlacement(placement.type) as { type: PlacementType } & Record<string, unknown>,
    opening: [heading(taken.title), form([...taken.fields, button])],
    scenes: { thanks: [heading('Thank you'), words('We have received what you sent.')] },
  });
}
