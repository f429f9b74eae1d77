import { faultsIn, type Days, type FieldFault, type FormRule } from '@sirene/core/form';
import type * as Form from '../parts/form.ts';
import { forgive, showFaults } from './faults.ts';

/** What brings a form to life, which is there before anything is checked: another bundle, and what is in it is not in this one. */
export type FormPart = typeof Form;

type Values = Readonly<Record<string, string>>;

/** What a form holds that was checked, and what is wrong with it. */
export interface Checked {
  values: Values;
  faults: FieldFault[];
}

const today = (): Days => {
  const now = new Date();
  const day = Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / 86_400_000);
  return { from: day, to: day };
};

/** What is wrong with what a form holds now, and its values. */
function checked(form: Element, rule: FormRule, part: FormPart): Checked {
  const entered = part.entries(form);
  const filledIn = part.fillIn(rule, entered);
  return { values: filledIn.values, faults: faultsIn(rule, entered, filledIn, today()) };
}

const watched = new WeakSet<Element>();

/** Checks what is entered into a form from now on: what is wrong is said once a field is left, and taken back once it is right. */
export function watch(form: HTMLElement, rule: FormRule, part: FormPart): void {
  if (watched.has(form)) return;
  watched.add(form);
  form.addEventListener('input', () => forgive(form, rule, checked(form, rule, part).faults));
  form.addEventListener('focusout', ({ target }) => sayOnLeaving(form, rule, part, target as Element));
}

/** What is wrong with a field is said once it is left, where something has been entered. */
function sayOnLeaving(form: HTMLElement, rule: FormRule, part: FormPart, control: Element): void {
  const { name, value } = control as HTMLInputElement;
  if (!name || !value) return;
  const { faults } = checked(form, rule, part);
  const isSaid = (element: string) => form.querySelector(`[data-e="${element}"][data-error]`) !== null;
  showFaults(
    form,
    rule,
    faults.filter(({ key, element }) => key === name || isSaid(element)),
    false,
  );
}

/**
 * The visitor wants to go on. In the middle of several steps what this one asks for is checked, and the next is shown; at the end
 * all of it is.
 *
 * @returns what is to be sent; `null` where something is wrong, or there is a next step
 */
export function goOn(form: HTMLElement, rule: FormRule, part: FormPart): Values | null {
  const { values, faults } = checked(form, rule, part);
  const next = part.nextStep(form, 1);
  if (next !== null) {
    const here = faults.filter(({ element }) => part.isInStep(form, element));
    showFaults(form, rule, here);
    if (here.length === 0) {
      part.showStep(form, next, true);
      form.dispatchEvent(new Event('input'));
    }
    return null;
  }
  const [first] = faults;
  const box = first && form.querySelector(`[data-e="${first.element}"]`);
  const step = box ? part.stepWith(form, box) : null;
  if (step !== null && step !== part.stepOf(form)) part.showStep(form, step);
  showFaults(form, rule, faults);
  return first ? null : values;
}
