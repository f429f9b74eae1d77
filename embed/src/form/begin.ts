import { checkForm, isSecret, type Days, type FormResult, type FormRule } from '@sirene/core/form';
import { controlsOf, enter, entries, isUntouched } from './entries.ts';
import { forgive, showFaults } from './faults.ts';
import { typedIn } from './kept.ts';
import { react } from './react.ts';
import { isInStep, nextStep, showStep, stepOf, stepWith } from './steps.ts';

/** When each form was begun, ms. */
const begun = new WeakMap<Element, number>();

/** How a form was filled in: what tells people from programs. */
export const filledBy = (form: Element): { trap: string; took: number } => ({
  trap: form.querySelector<HTMLInputElement>('[data-trap]')?.value.slice(0, 200) ?? '',
  took: Math.round(Date.now() - (begun.get(form) ?? Date.now())),
});

const today = (): Days => {
  const now = new Date();
  const day = Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / 86_400_000);
  return { from: day, to: day };
};

/** What is wrong with what a form holds now, and its values. */
export const checked = (form: Element, rule: FormRule): FormResult => checkForm(rule, entries(form), today());

/**
 * Brings a form to life, once: fills in what the page's address says and what was typed before, shows what its conditions let
 * be shown, and from then on follows what is entered.
 *
 * @param keptAs the name under which it is kept what is typed; nothing is where it is left out
 */
export function begin(form: HTMLElement, rule: FormRule, keptAs?: string): void {
  if (begun.has(form)) return;
  begun.set(form, Date.now());
  // For parts that are another bundle, and may come before or after.
  form.setAttribute('data-begun', '');
  const view = form.ownerDocument.defaultView as Window;
  // Who was faster than the script keeps what they have entered.
  const isNew = isUntouched(form);
  if (isNew) fillFromPage(form, view);
  fillHidden(form, view);
  const kept = keptAs === undefined ? null : typedIn(view, keptAs);
  const typed = isNew ? kept?.read() : null;
  if (typed) {
    enter(form, new Map(Object.entries(typed.values)));
    // Whoever shows more of a value than its control does.
    form.dispatchEvent(new Event('change'));
  }
  react(form, rule);
  if (typed && stepOf(form) !== null) showStep(form, typed.step);
  const keep = () => {
    const secrets = rule.fields.filter(isSecret).map(({ key }) => key);
    const open = Object.entries(entries(form)).filter(([key]) => !secrets.includes(key));
    const values = Object.fromEntries(open);
    kept?.write({ values, step: stepOf(form) ?? 0 });
  };
  form.addEventListener('input', () => {
    react(form, rule);
    forgive(form, rule, checked(form, rule).faults);
    keep();
  });
  form.addEventListener('focusout', ({ target }) => sayOnLeaving(form, rule, target as Element));
  form.addEventListener('click', ({ target }) => {
    if (!Element.prototype.closest.call(target as Element, '[data-act=back]')) return;
    const before = nextStep(form, -1);
    if (before !== null) showStep(form, before, true);
    keep();
  });
}

/** What is wrong with a field is said once it is left, where something has been entered. */
function sayOnLeaving(form: HTMLElement, rule: FormRule, control: Element): void {
  const { name, value } = control as HTMLInputElement;
  if (!name || !value) return;
  const { faults } = checked(form, rule);
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
export function goOn(form: HTMLElement, rule: FormRule): FormResult | null {
  const result = checked(form, rule);
  const next = nextStep(form, 1);
  if (next !== null) {
    const here = result.faults.filter(({ element }) => isInStep(form, element));
    showFaults(form, rule, here);
    if (here.length === 0) {
      showStep(form, next, true);
      form.dispatchEvent(new Event('input'));
    }
    return null;
  }
  const [first] = result.faults;
  const box = first && form.querySelector(`[data-e="${first.element}"]`);
  const step = box ? stepWith(form, box) : null;
  if (step !== null && step !== stepOf(form)) showStep(form, step);
  showFaults(form, rule, result.faults);
  return first ? null : result;
}

/** The longest value that is taken from the page, in characters. */
const longest = 1000;

/** Defaults that the page's address gives. */
function fillFromPage(form: Element, { location }: Window): void {
  const parameters = new URLSearchParams(location.search);
  for (const box of form.querySelectorAll<HTMLElement>('[data-parameter]')) {
    const value = parameters.get(box.dataset['parameter'] ?? '')?.slice(0, longest);
    const name = controlsOf(box)[0]?.name;
    if (value !== undefined && name !== undefined) enter(box, new Map([[name, value]]));
  }
}

function fillHidden(form: Element, { location, document }: Window): void {
  const parameters = new URLSearchParams(location.search);
  for (const control of form.querySelectorAll<HTMLInputElement>('[data-source]')) {
    const { source, value = '' } = control.dataset;
    const from = {
      parameter: parameters.get(value),
      referrer: document.referrer,
      page: location.href,
      text: value,
    };
    control.value = (from[source as keyof typeof from] ?? '').slice(0, longest);
  }
}
