import { checkForm, isSecret, type FieldFault, type FormRule } from '@sirene/core/form';
import { unsentOf, type Unsent } from '../storage.ts';

/** Seconds between attempts; after the last, the next page tries again. */
const waits = [2, 5, 15, 45];

// Never a property of the form: a field may be called "dataset", and would be found in its place.
const sending = new WeakMap<HTMLFormElement, string>();
const watched = new WeakSet<HTMLFormElement>();
const failedText = (form: HTMLFormElement): string => form.getAttribute('data-failed') ?? '';

/** What a form needs of the page around it. */
export interface FormPort {
  /** Where submissions go. */
  address: string;
  site: string;
  widget: string;
  body: string;
  rule: FormRule;
  done(): void;
}

type Outcome =
  { type: 'sent' } | { type: 'refused'; faults: FieldFault[]; reason: string } | { type: 'failed' };

/** Checks a form and shows what is wrong, or what follows: in a try, where nothing is sent. */
export function tryOut(form: HTMLFormElement, port: FormPort): void {
  const { faults } = checkForm(port.rule, entries(form));
  showFaults(form, port.rule, faults);
  if (faults.length > 0) watch(form, port.rule);
  else port.done();
}

/** Checks a form, shows what is wrong, or sends it and keeps it until it is acknowledged. */
export async function submit(form: HTMLFormElement, port: FormPort): Promise<void> {
  const { values, faults } = checkForm(port.rule, entries(form));
  showFaults(form, port.rule, faults);
  if (faults.length > 0) return watch(form, port.rule);
  const store = unsentOf(port.site);
  const kept = store.read()?.find((one) => one.id === sending.get(form));
  // Pressed again with nothing changed: the same submission, so that it can't arrive twice.
  const same = kept && JSON.stringify(kept.values) === JSON.stringify(values);
  const unsent: Unsent = same ? kept : newSubmission(form, port, values);
  if (kept && !same) forget(port.site, kept.id);
  // A password is not kept, not even until the connection is back: what holds one is sent from this page or not at all.
  if (!same && !port.rule.fields.some(isSecret)) store.write([...(store.read() ?? []), unsent].slice(-20));
  sending.set(form, unsent.id);
  await deliver(form, port, unsent, same ? waits.length : 0);
}

function newSubmission(form: HTMLFormElement, port: FormPort, values: Record<string, string>): Unsent {
  const { title, location } = form.ownerDocument;
  return {
    id: newId(),
    widget: port.widget,
    body: port.body,
    form: form.getAttribute('data-e') ?? '',
    values,
    page: location.href.slice(0, 2048),
    title: title.slice(0, 300),
  };
}

// Time first, so that ids grow and the server's index stays compact; then 80 random bits. randomUUID is missing on pages
// without TLS, which a client's test site may be.
function newId(): string {
  const bytes = [...crypto.getRandomValues(new Uint8Array(10))];
  const random = bytes.map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return Date.now().toString(16).padStart(12, '0') + random;
}

async function deliver(
  form: HTMLFormElement,
  port: FormPort,
  unsent: Unsent,
  attempt: number,
): Promise<void> {
  if (sending.get(form) !== unsent.id) return;
  say(form, attempt === 0 ? (form.getAttribute('data-sending') ?? '') : failedText(form));
  const outcome = await post(port.address, unsent);
  if (sending.get(form) !== unsent.id) return;
  if (outcome.type === 'failed') {
    say(form, failedText(form));
    const wait = waits[attempt];
    if (wait !== undefined)
      setTimeout(
        () => deliver(form, port, unsent, attempt + 1).catch(() => say(form, failedText(form))),
        wait * 1000,
      );
    return;
  }
  forget(port.site, unsent.id);
  sending.delete(form);
  if (outcome.type === 'sent') return port.done();
  showFaults(form, port.rule, outcome.faults);
  say(form, outcome.faults.length > 0 ? '' : outcome.reason);
}

async function post(address: string, unsent: Unsent): Promise<Outcome> {
  try {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(unsent),
    });
    if (response.ok) return { type: 'sent' };
    if (response.status >= 500 || response.status === 429) return { type: 'failed' };
    const { message, faults } = (await response.json()) as { message?: string; faults?: FieldFault[] };
    return { type: 'refused', faults: faults ?? [], reason: message ?? '' };
  } catch {
    return { type: 'failed' };
  }
}

/** Sends what an earlier page could not. What is refused is dropped: it would be refused for ever. */
export async function sendUnsent(address: string, site: string): Promise<void> {
  for (const unsent of unsentOf(site).read() ?? []) {
    const outcome = await post(address, unsent);
    if (outcome.type === 'failed') return;
    forget(site, unsent.id);
  }
}

function forget(site: string, id: string): void {
  const store = unsentOf(site);
  const rest = (store.read() ?? []).filter((one) => one.id !== id);
  store.write(rest.length > 0 ? rest : undefined);
}

/** What a form holds: by field name, several choices one a line. */
export function entries(form: HTMLFormElement): Record<string, string> {
  const values = new Map<string, string>();
  for (const control of form.querySelectorAll<HTMLInputElement>('[name]')) {
    const { name, type, value, checked } = control;
    const isChoice = type === 'radio' || type === 'checkbox';
    const known = values.get(name) ?? '';
    // Several choices are one value, a line each.
    const several = known ? `${known}\n${value}` : value;
    values.set(name, !isChoice ? value : checked ? several : known);
  }
  return Object.fromEntries(values);
}

function say(form: HTMLFormElement, text: string): void {
  const status = form.querySelector('.status');
  if (status) status.textContent = text;
}

/** Marks the fields at fault, says what is wrong beside each, and takes the visitor to the first. */
export function showFaults(
  form: HTMLFormElement,
  rule: FormRule,
  faults: readonly FieldFault[],
  move = true,
): void {
  for (const { element } of rule.fields) {
    const fault = faults.find((one) => one.element === element);
    const box = form.querySelector(`[data-e="${element}"]`);
    const control = box?.querySelector('[name]');
    const words = form.querySelector(`[id="${element}-error"]`);
    if (words) words.textContent = fault?.message ?? '';
    box?.toggleAttribute('data-error', !!fault);
    if (fault) control?.setAttribute('aria-invalid', 'true');
    else control?.removeAttribute('aria-invalid');
  }
  const first = faults[0];
  if (first && move) form.querySelector<HTMLElement>(`[data-e="${first.element}"] [name]`)?.focus();
}

/** After a first mistake, says at once when it is mended. */
function watch(form: HTMLFormElement, rule: FormRule): void {
  if (watched.has(form)) return;
  watched.add(form);
  form.addEventListener('input', () => {
    const { faults } = checkForm(rule, entries(form));
    const shown = faults.filter(({ element }) => form.querySelector(`[data-e="${element}"][data-error]`));
    showFaults(form, rule, shown, false);
  });
}
