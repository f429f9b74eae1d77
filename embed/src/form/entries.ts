type Control = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

/** The controls of a form, never asked of the form itself: a field may be called "elements", and would be found in its place. */
export const controlsOf = (form: Element): Control[] => [
  ...form.querySelectorAll<Control>('[name]:not([data-trap])'),
];

const isChoice = (control: Control): control is HTMLInputElement =>
  control.type === 'radio' || control.type === 'checkbox';

/** What a form holds: by field name, several choices one a line. */
export function entries(form: Element): Record<string, string> {
  const values = new Map<string, string>();
  for (const control of controlsOf(form)) {
    const { name, value } = control;
    const known = values.get(name) ?? '';
    // Several choices are one value, a line each.
    const several = known ? `${known}\n${value}` : value;
    values.set(name, !isChoice(control) ? value : control.checked ? several : known);
  }
  return Object.fromEntries(values);
}

/** Whether nobody has entered anything into a form yet. */
export const isUntouched = (form: Element): boolean =>
  controlsOf(form).every((control) =>
    'options' in control
      ? [...control.options].every(
          (one) => one.selected === one.defaultSelected || control.selectedIndex === 0,
        )
      : isChoice(control)
        ? control.checked === control.defaultChecked
        : control.type === 'hidden' || control.value === control.defaultValue,
  );

/** Puts values into the fields of those names. */
export function enter(form: Element, values: ReadonlyMap<string, string>): void {
  for (const control of controlsOf(form)) {
    const value = values.get(control.name);
    if (value === undefined) continue;
    if (isChoice(control)) control.checked = value.split('\n').includes(control.value);
    else control.value = value;
  }
}
