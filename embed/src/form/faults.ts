import type { FieldFault, FormRule } from '@sirene/core/form';

/** The first control of a field. */
const controlOf = (form: Element, element: string) =>
  form.querySelector<HTMLElement>(`[data-e="${element}"] [name]`);

/** Marks the fields at fault, says what is wrong beside each, and takes the visitor to the first, or to a list of them. */
export function showFaults(
  form: HTMLElement,
  rule: FormRule,
  faults: readonly FieldFault[],
  move = true,
): void {
  for (const { element } of rule.fields) {
    const fault = faults.find((one) => one.element === element);
    const box = form.querySelector(`[data-e="${element}"]`);
    const control = controlOf(form, element);
    const words = form.querySelector(`[id="${element}-error"]`);
    if (words) words.textContent = fault?.message ?? '';
    box?.toggleAttribute('data-error', !!fault);
    if (fault) control?.setAttribute('aria-invalid', 'true');
    else control?.removeAttribute('aria-invalid');
  }
  if (move) takeTo(form, rule, faults);
}

/** Of one mistake the field itself is shown, of several a list that leads to each (WCAG 2.2, technique G139). */
function takeTo(form: HTMLElement, rule: FormRule, faults: readonly FieldFault[]): void {
  const [first] = faults;
  const summary = form.querySelector<HTMLElement>('.faults');
  if (summary) {
    summary.querySelector('ul')?.remove();
    summary.hidden = faults.length < 2;
    summary.append(list(form, rule, faults));
  }
  if (summary && faults.length > 1) summary.focus();
  else if (first) controlOf(form, first.element)?.focus();
}

function list(form: HTMLElement, { fields }: FormRule, faults: readonly FieldFault[]): Element {
  const page = form.ownerDocument;
  const all = page.createElement('ul');
  for (const { element, message } of faults) {
    const link = page.createElement('a');
    link.setAttribute('href', '#');
    link.textContent = `${fields.find((one) => one.element === element)?.label ?? ''}: ${message}`;
    link.addEventListener('click', (event) => {
      // The field stands in a shadow tree, where fragments lead nowhere.
      event.preventDefault();
      controlOf(form, element)?.focus();
    });
    const item = page.createElement('li');
    item.setAttribute('data-of', element);
    item.append(link);
    all.append(item);
  }
  return all;
}

/** Takes back what was said of fields that are right by now; of others nothing is said that was not said before. */
export function forgive(form: HTMLElement, rule: FormRule, faults: readonly FieldFault[]): void {
  const shown = faults.filter(({ element }) => form.querySelector(`[data-e="${element}"][data-error]`));
  showFaults(form, rule, shown, false);
  const summary = form.querySelector<HTMLElement>('.faults');
  const items = summary?.querySelectorAll('li') ?? [];
  for (const item of items)
    if (!shown.some(({ element }) => element === item.getAttribute('data-of'))) item.remove();
  if (summary) summary.hidden ||= !summary.querySelector('li');
}
