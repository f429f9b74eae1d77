import type { Memory } from '@sirene/core/behaviour';

/** What Sirene keeps in a visitor's browser: the memory of what they saw, and what could not be sent yet. */
export interface Storage<T> {
  read(): T | undefined;
  write(value: T | undefined): void;
}

/** A slot of the browser's storage; where the browser or the page forbids storage, one that lasts as long as the page. */
function slot<T>(key: string, sound: (value: T) => boolean): Storage<T> {
  let kept: T | undefined;
  return {
    read() {
      try {
        const value = JSON.parse(localStorage.getItem(key) as string) as T;
        if (value && sound(value)) return value;
      } catch {
        // Storage forbidden, or a text somebody else wrote: as if nothing were there.
      }
      return kept;
    },
    write(value) {
      kept = value;
      try {
        if (value === undefined) localStorage.removeItem(key);
        else localStorage.setItem(key, JSON.stringify(value));
      } catch {
        // Full or forbidden; the page's own copy has to do.
      }
    },
  };
}

export const memoryOf = (site: string): Storage<Memory> =>
  slot<Memory>(
    `sirene:${site}`,
    (memory) => typeof memory.visits === 'number' && typeof memory.widgets === 'object',
  );

/** A submission that has not been acknowledged. */
export interface Unsent {
  id: string;
  widget: string;
  body: string;
  form: string;
  values: Record<string, string>;
  page: string;
  title: string;
}

export const unsentOf = (site: string): Storage<Unsent[]> =>
  slot<Unsent[]>(`sirene:${site}:unsent`, (list) => Array.isArray(list) && list.every((one) => one?.id));
