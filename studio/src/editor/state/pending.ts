import type { WidgetDocument } from '@sirene/core/widget';
import { openDB, type DBSchema } from 'idb';

/** A draft that has not reached the server yet, as this browser keeps it. */
export interface Pending {
  widgetId: string;
  /** The version on the server that it was made from. */
  base: number;
  document: WidgetDocument;
  /** When it was kept, ms since the epoch. */
  at: number;
}

interface Schema extends DBSchema {
  widget: { key: string; value: Pending };
}

const open = () =>
  openDB<Schema>('sirene-pending', 1, {
    upgrade: (database) => void database.createObjectStore('widget', { keyPath: 'widgetId' }),
  });

/** Keeps a draft until it has been saved: also over a closed tab, and a browser that is started anew. */
export async function keepPending(pending: Pending): Promise<void> {
  const database = await open();
  await database.put('widget', pending);
  database.close();
}

export async function forgetPending(widgetId: string): Promise<void> {
  const database = await open();
  await database.delete('widget', widgetId);
  database.close();
}

export async function pendingOf(widgetId: string): Promise<Pending | null> {
  const database = await open();
  const found = await database.get('widget', widgetId);
  database.close();
  return found ?? null;
}

export async function allPending(): Promise<Pending[]> {
  const database = await open();
  const found = await database.getAll('widget');
  database.close();
  return found;
}

/**
 * Sends what earlier visits could not. What the server does not take, because somebody saved in between, is kept: the
 * editor asks about it when the widget is opened.
 *
 * @param save sends a draft; rejected when it was not taken
 */
export async function sendPending(save: (pending: Pending) => Promise<unknown>): Promise<void> {
  for (const pending of await allPending())
    await save(pending).then(
      () => forgetPending(pending.widgetId),
      () => undefined,
    );
}

const lockOf = (widgetId: string): string => `sirene-edit-${widgetId}`;

/**
 * Says that a widget is open here, for as long as the promise given is not resolved: what is kept of it is then on its
 * way, and nobody else's to send.
 */
export function holdOpen(widgetId: string, closed: Promise<void>): void {
  // Missing on pages without TLS, where one tab can't know of another.
  void navigator.locks?.request(lockOf(widgetId), { mode: 'shared' }, () => closed);
}

/** Whether some tab of this browser has a widget open. */
export async function isOpenSomewhere(widgetId: string): Promise<boolean> {
  const { held = [] } = (await navigator.locks?.query()) ?? {};
  return held.some(({ name }) => name === lockOf(widgetId));
}
