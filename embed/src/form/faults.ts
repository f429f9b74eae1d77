import type { FieldFault, FormRule } from '@sirene/core/form';

/** The first control of a field. */
const controlOf = (form: Element, { element, key }: Pick<FieldFault, 'element' | 'key'>) =>
  form.querySelector<HTMLElement>(`[data-e="${element}"] [name="${key}"]`);

// What is entered by other means stands in a hidden control, with what is entered beside it.
const focusOn = (form: Element, fault: FieldFault) => {
  const control = controlOf(form, fault);
  const beside = control?.getAttribute('type') === 'hidden' && control.parentElement;
  (beside ? beside.querySelector<HTMLElement>('input:not([name])') : control)?.focus();
};

/** Marks the fields at fault, says what is wrong beside each, and takes the visitor to the first, or to a list of them. */
export function showFaults(
  form: HTMLElement,
  rule: FormRule,
  faults: readonly FieldFault[],
  move = true,
): void {
  for (const field of rule.fields) {
    const { element } = field;
    // An element may hold several fields, and says which is the first that something is wrong with.
    const isOneOfSeveral = rule.fields.some((one) => one.element === element && one.key !== field.key);
    const fault = faults.find((one) => one.element === element);
    const box = form.querySelector(`[data-e="${element}"]`);
    const control = controlOf(form, field);
    const words = form.querySelector(`[id="${element}-error"]`);
    if (words) words.textContent = fault ? (isOneOfSeveral ? named(rule, fault) : fault.message) : '';
    box?.toggleAttribute('data-error', !!fault);
    if (faults.some(({ key }) => key === field.key)) control?.setAttribute('aria-invalid', 'true');
    else control?.removeAttribute('aria-invalid');
  }
  if (move) takeTo(form, rule, faults);
}

/** What is wrong, with the name of the field. */
const named = ({ fields }: FormRule, { key, message }: FieldFault): string =>
  `${fields.find((one) => one.key === key)?.label ?? ''}: ${message}`;

/** So many mistakes are seen where they are; of more there is a list. */
const few = 2;

/** Of few mistakes the first is shown, of more a list that leads to each (WCAG 2.2, technique G139). */
function takeTo(form: HTMLElement, rule: FormRule, faults: readonly FieldFault[]): void {
  const [first] = faults;
  const summary = form.querySelector<HTMLElement>('.faults');
  const many = faults.length > few;
  if (summary) {
    summary.querySelector('ul')?.remove();
    summary.hidden = !many;
    if (many) summary.append(list(form, rule, faults));
  }
  if (summary && many) summary.focus();
  else if (first) focusOn(form, first);
}

function list(form: HTMLElement, rule: FormRule, faults: readonly FieldFault[]): Element {
  const page = form.ownerDocument;
  const all = page.createElement('ul');
  for (const fault of faults) {
    const link = page.createElement('a');
    link.setAttribute('href', '#');
    link.textContent = named(rule, fault);
    link.addEventListener('click', (event) => {
      // The field stands in a shadow tree, where fragments lead nowhere.
      event.preventDefault();
      focusOn(form, fault);
    });
    const item = page.createElement('li');
    item.setAttribute('data-of', fault.key);
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
  for (const item of items) if (!shown.some(({ key }) => key === item.getAttribute('data-of'))) item.remove();
  if (summary) summary.hidden ||= !summary.querySelector('li');
}
