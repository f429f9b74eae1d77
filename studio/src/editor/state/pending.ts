import type { WidgetDocument } from '@sirene/core/document/widget';
import { keptIn } from '../../shared/kept.ts';
import { inBackground } from '../../shared/background.ts';

/** A draft that has not reached the server yet. */
export interface Pending {
  /** The version on the server that it was made from. */
  base: number;
  document: WidgetDocument;
}

/** Drafts by the id of their widget. */
export const pendingDrafts = keptIn<Pending>('widget');

/**
 * Sends what earlier visits could not. What the server does not take, because somebody saved in between, is kept: the
 * editor asks about it when the widget is opened.
 *
 * @param save sends a draft; rejected when it was not taken
 */
export async function sendPending(
  save: (widgetId: string, pending: Pending) => Promise<unknown>,
): Promise<void> {
  for (const id of await pendingDrafts.keys()) {
    const pending = await pendingDrafts.of(id);
    if (pending)
      await save(id, pending).then(
        () => pendingDrafts.forget(id),
        () => undefined,
      );
  }
}

const lockOf = (widgetId: string): string => `sirene-edit-${widgetId}`;

/**
 * Says that a widget is open here, for as long as the promise given is not resolved: what is kept of it is then on its
 * way, and nobody else's to send.
 */
export function holdOpen(widgetId: string, closed: Promise<void>): void {
  // Missing on pages without TLS, where one tab can't know of another.
  inBackground(navigator.locks?.request(lockOf(widgetId), { mode: 'shared' }, () => closed));
}

/** Whether some tab of this browser has a widget open. */
export async function isOpenSomewhere(widgetId: string): Promise<boolean> {
  const { held = [] } = (await navigator.locks?.query()) ?? {};
  return held.some(({ name }) => name === lockOf(widgetId));
}
