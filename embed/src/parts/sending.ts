import type { FieldFault } from '@sirene/core/form';
import { newId } from '../new-id.ts';
import { unsentOf, type Unsent } from '../storage.ts';

/** Seconds between attempts; after the last, the next page tries again. */
const waits = [2, 5, 15, 45];

// Never a property of the form: a field may be called "dataset", and would be found in its place.
const sending = new WeakMap<HTMLFormElement, string>();
const failedText = (form: HTMLFormElement): string => form.getAttribute('data-failed') ?? '';

/** What the server says of what has arrived. */
export interface Answer {
  /** The page that the visitor goes on to. */
  next?: string;
  /** As whom the page now knows the visitor. */
  member?: object;
}

/** What sending needs of the page and the form. */
export interface SendingPort {
  /** Where submissions go. */
  address: string;
  site: string;
  widget: string;
  body: string;
  /** Kept nowhere, not even until the connection is back: it is sent from this page or not at all. */
  secret: boolean;
  /** How it was filled in. */
  by: { trap: string; took: number };
  /** Finds the proof of work for a submission; for what work is asked at rest, where nothing is said. */
  prove: Prove;
  /** The server finds fault with fields. */
  refused(faults: readonly FieldFault[]): void;
  done(answer: Answer): void;
}

type Values = Readonly<Record<string, string>>;

type Prove = (id: string, bits?: number) => Promise<string>;

type Outcome =
  | { type: 'sent'; answer: Answer }
  | { type: 'refused'; faults: FieldFault[]; reason: string }
  | { type: 'failed' };

/** Sends what a form holds, and keeps it until it is acknowledged. */
export async function send(form: HTMLFormElement, values: Values, port: SendingPort): Promise<void> {
  const store = unsentOf(port.site);
  const kept = store.read()?.find((one) => one.id === sending.get(form));
  // Pressed again with nothing changed: the same submission, so that it can't arrive twice.
  const same = kept && JSON.stringify(kept.values) === JSON.stringify(values);
  const unsent: Unsent = same ? kept : newSubmission(form, port, values);
  if (kept && !same) forget(port.site, kept.id);
  if (!same && !port.secret) store.write([...(store.read() ?? []), unsent].slice(-20));
  sending.set(form, unsent.id);
  await deliver(form, port, unsent, same ? waits.length : 0);
}

function newSubmission(form: HTMLFormElement, port: SendingPort, values: Values): Unsent {
  const { title, location } = form.ownerDocument;
  return {
    id: newId(),
    widget: port.widget,
    body: port.body,
    form: form.getAttribute('data-e') ?? '',
    values,
    ...port.by,
    page: location.href.slice(0, 2048),
    title: title.slice(0, 300),
  };
}

async function deliver(
  form: HTMLFormElement,
  port: SendingPort,
  unsent: Unsent,
  attempt: number,
): Promise<void> {
  if (sending.get(form) !== unsent.id) return;
  say(form, attempt === 0 ? (form.getAttribute('data-sending') ?? '') : failedText(form));
  const outcome = await post(port.address, unsent, port.prove);
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
  if (outcome.type === 'sent') return port.done(outcome.answer);
  port.refused(outcome.faults);
  say(form, outcome.faults.length > 0 ? '' : outcome.reason);
}

async function post(address: string, unsent: Unsent, prove: Prove, bits?: number): Promise<Outcome> {
  // What can't be proved is sent without: the server holds that against it, and does not refuse it.
  if (bits !== undefined || !unsent.work) unsent.work = await prove(unsent.id, bits).catch(() => '');
  try {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(unsent),
    });
    if (response.ok) return { type: 'sent', answer: await answerOf(response) };
    const answer = (await response.json()) as { message?: string; faults?: FieldFault[]; bits?: number };
    // Under attack the server asks everybody for more; who has done it already is asked once.
    if (response.status === 428 && bits === undefined && answer.bits)
      return await post(address, unsent, prove, answer.bits);
    if (response.status >= 500 || response.status === 429) return { type: 'failed' };
    const { message, faults } = answer;
    return { type: 'refused', faults: faults ?? [], reason: message ?? '' };
  } catch {
    return { type: 'failed' };
  }
}

// It has arrived, whatever becomes of the rest of the answer.
const answerOf = (response: Response): Promise<Answer> => response.json().catch(() => ({}));

/** Sends what an earlier page could not. What is refused is dropped: it would be refused for ever. */
export async function sendUnsent(address: string, site: string, prove: Prove): Promise<void> {
  for (const unsent of unsentOf(site).read() ?? []) {
    const outcome = await post(address, unsent, prove);
    if (outcome.type === 'failed') return;
    forget(site, unsent.id);
  }
}

function forget(site: string, id: string): void {
  const store = unsentOf(site);
  const rest = (store.read() ?? []).filter((one) => one.id !== id);
  store.write(rest.length > 0 ? rest : undefined);
}

function say(form: HTMLFormElement, text: string): void {
  const status = form.querySelector('.status');
  if (status) status.textContent = text;
}
