import { goOn, watch, type FormPart } from '../form/check.ts';
import { formsOf } from '../form/forms-of.ts';
import { keptName } from '../form/kept.ts';
import type { FormRule } from '@sirene/core/form';
import type { Mounted } from '../mount.ts';

export { goOn, watch } from '../form/check.ts';
export { showFaults } from '../form/faults.ts';
export { greet } from '../form/greet.ts';

/** What a form needs of the page around it. */
export interface FormPort {
  widget: string;
  rule: FormRule;
  /** Sends what is right and whole; what is `secret` is kept nowhere meanwhile. */
  send(
    values: Readonly<Record<string, string>>,
    secret: boolean,
    by: ReturnType<FormPart['filledBy']>,
  ): unknown;
}

/** Checks a form, and shows what is wrong or the next step, or has it sent. */
export async function submit(form: HTMLFormElement, port: FormPort, part: FormPart): Promise<void> {
  const { widget, rule, send } = port;
  part.begin(form, rule, keptName(widget, form));
  watch(form, rule, part);
  const values = goOn(form, rule, part);
  if (values) await send(values, rule.fields.some(part.isSecret), part.filledBy(form));
}

/** Checks what is entered into the forms of a widget from now on. */
export function watchAll(mounted: Mounted, part: FormPart): void {
  for (const [form, rule] of formsOf(mounted)) watch(form, rule, part);
}
