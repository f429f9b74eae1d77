import { valueAt } from '@sirene/core/base/maps';
import { say } from './report.ts';
import { slot, type Storage } from './storage.ts';

/** Codes of which each visitor gets their own, as a page asks for them. */
export interface CodesPort {
  /** Has the server sign that a countdown of the visitor's own begins, once. */
  begin(widget: string, countdown: string): Promise<void>;
  /** The visitor's code; `null` where there is none any more, or it is too late. */
  ask(widget: string, element: string, expires: boolean): Promise<string | null>;
}

/** By what the visitor's browser is known here, and the starts that were signed for it. */
interface Kept {
  visitor: string;
  starts: Record<string, string>;
}

const keptIn = (value: unknown): Kept | undefined => {
  const { visitor, starts } = (value ?? {}) as Partial<Kept>;
  return typeof visitor === 'string' && typeof starts === 'object' ? { visitor, starts } : undefined;
};

/** Asks a site's server for codes. */
export function codesOf(address: string, site: string): CodesPort {
  const storage: Storage<Kept> = slot(`sirene:${site}:codes`, keptIn);
  const kept = (): Kept => {
    const known = storage.read();
    if (known) return known;
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    const visitor = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
    const made = { visitor, starts: {} };
    storage.write(made);
    return made;
  };
  const send = async (to: string, body: object): Promise<Record<string, string> | null> => {
    const answer = await fetch(`${address}/${to}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (answer.status === 410) return null;
    const told = (await answer.json()) as Record<string, string>;
    if (answer.ok) return told;
    say(String(told['message']));
    throw new Error(`${to}: ${answer.status}`);
  };
  const begin = async (widget: string, element: string): Promise<void> => {
    if (valueAt(kept().starts, widget) !== undefined) return;
    const { start } = (await send('starts', { widget, element })) ?? {};
    if (start) storage.write({ ...kept(), starts: { ...kept().starts, [widget]: start } });
  };
  return {
    begin,
    async ask(widget, element, expires) {
      const { visitor, starts } = kept();
      const start = expires ? valueAt(starts, widget) : undefined;
      const given = await send('codes', { widget, element, visitor, ...(start && { start }) });
      return given?.['code'] ?? null;
    },
  };
}
