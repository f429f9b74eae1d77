const turnsOf = (form: Element) => [...form.querySelectorAll<HTMLElement>('.turn')];

/** Which step of a form is shown, from 0; `null` where it has none. */
export function stepOf(form: Element): number | null {
  const turns = turnsOf(form);
  return turns.length > 1 ? turns.findIndex(({ hidden }) => !hidden) : null;
}

/** Whether an element of a form stands in the step that is shown, or in none. */
export function isInStep(form: Element, element: string): boolean {
  const turn = form.querySelector(`[data-e="${element}"]`)?.closest<HTMLElement>('.turn');
  return !turn?.hidden;
}

/** The step that an element stands in; `null` where it stands in none. */
export function stepWith(form: Element, element: Element): number | null {
  const at = turnsOf(form).findIndex((turn) => turn.contains(element));
  return at < 0 ? null : at;
}

/** The next step on the way that has something to show: one whose condition does not hold is passed over. */
export function nextStep(form: Element, by: 1 | -1): number | null {
  const turns = turnsOf(form);
  const at = stepOf(form);
  if (at === null) return null;
  for (let next = at + by; turns[next]; next += by)
    if (!(turns[next]?.firstElementChild as HTMLElement | null)?.hidden) return next;
  return null;
}

/** Shows a step of a form, and says which one it is. */
export function showStep(form: HTMLElement, at: number, focus = false): void {
  const turns = turnsOf(form);
  if (!turns[at]) return;
  turns.forEach((turn, place) => (turn.hidden = place !== at));
  form.querySelectorAll('.progress>li').forEach((one, place) => {
    if (place === at) one.setAttribute('aria-current', 'step');
    else one.removeAttribute('aria-current');
  });
  if (!focus) return;
  const step = turns[at]?.firstElementChild as HTMLElement | null;
  const said = (form.getAttribute('data-step-of') ?? '')
    .replace('{count}', String(at + 1))
    .replace('{total}', String(turns.length))
    .replace('{name}', () => step?.getAttribute('aria-label') ?? '');
  const status = form.querySelector('.status');
  if (status) status.textContent = '';
  if (!step) return;
  step.setAttribute('aria-label', said);
  step.tabIndex = -1;
  step.style.outline = 'none';
  step.focus();
}
