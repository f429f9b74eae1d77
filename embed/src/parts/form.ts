import { valueAt } from '@sirene/core/base/maps';
import { isSecret, type FormRule } from '@sirene/core/form';
import { begin, filledBy, goOn } from '../form/begin.ts';
import { keptName, typedIn } from '../form/kept.ts';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

export { begin, checked, goOn } from '../form/begin.ts';
export { showFaults } from '../form/faults.ts';
export { greet } from '../form/greet.ts';
export { showStep, stepWith } from '../form/steps.ts';

/** What a form needs of the page around it. */
export interface FormPort {
  widget: string;
  rule: FormRule;
  /** Sends what is right and whole; what is `secret` is kept nowhere meanwhile. */
  send(values: Readonly<Record<string, string>>, secret: boolean, by: ReturnType<typeof filledBy>): unknown;
}

/** Checks a form, and shows what is wrong or the next step, or has it sent. */
export async function submit(form: HTMLFormElement, { widget, rule, send }: FormPort): Promise<void> {
  begin(form, rule, keptName(widget, form));
  const result = goOn(form, rule);
  if (result) await send(result.values, rule.fields.some(isSecret), filledBy(form));
}

/** Forgets what was typed into a form: it has arrived. */
export const arrived = (form: HTMLFormElement, widget: string): void =>
  typedIn(form.ownerDocument.defaultView as Window, keptName(widget, form)).write(null);

/** Brings the forms of a widget to life, for as long as it is there. */
export function attach({ box, body }: Mounted, _page: PartPage, widget: PartWidget): Attached {
  const written = () => {
    for (const form of box.querySelectorAll('form')) {
      const rule = valueAt(body.forms, form.getAttribute('data-e') ?? '');
      if (rule) begin(form, rule, keptName(widget.id, form));
    }
  };
  written();
  return { written, end: () => {} };
}
