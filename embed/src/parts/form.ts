import { begin } from '../form/begin.ts';
import { formsOf } from '../form/forms-of.ts';
import { keptName, typedIn } from '../form/kept.ts';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

// What checks a form comes later, and goes by these: they are in one bundle alone.
export { fillIn, isSecret } from '@sirene/core/form';
export { begin, filledBy } from '../form/begin.ts';
export { entries } from '../form/entries.ts';
export { isInStep, nextStep, showStep, stepOf, stepWith } from '../form/steps.ts';

/** Forgets what was typed into a form: it has arrived. */
export const arrived = (form: HTMLFormElement, widget: string): void =>
  typedIn(form.ownerDocument.defaultView as Window, keptName(widget, form)).write(null);

/** Brings the forms of a widget to life, for as long as it is there. */
export function attach(mounted: Mounted, _page: PartPage, widget: PartWidget): Attached {
  const written = () => {
    for (const [form, rule] of formsOf(mounted)) begin(form, rule, keptName(widget.id, form));
  };
  written();
  return { written, end: () => {} };
}
