import { isSecret, type FormRule } from '@sirene/core/form';
import { controlsOf, enter, entries, isUntouched } from './entries.ts';
import { typedIn } from './kept.ts';
import { react } from './react.ts';
import { nextStep, showStep, stepOf } from './steps.ts';

/** When each form was begun, ms. */
const begun = new WeakMap<Element, number>();

/** How a form was filled in: what tells people from programs. */
export const filledBy = (form: Element): { trap: string; took: number } => ({
  trap: form.querySelector<HTMLInputElement>('[data-trap]')?.value.slice(0, 200) ?? '',
  took: Math.round(Date.now() - (begun.get(form) ?? Date.now())),
});

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
    keep();
  });
  form.addEventListener('click', ({ target }) => {
    if (!Element.prototype.closest.call(target as Element, '[data-act=back]')) return;
    const before = nextStep(form, -1);
    if (before !== null) showStep(form, before, true);
    keep();
  });
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
