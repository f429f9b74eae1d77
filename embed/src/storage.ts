import { readMemory, type Memory } from '@sirene/core/behaviour';
import { isGroup } from '@sirene/core/base/maps';

/** What Sirene keeps in a visitor's browser: the memory of what they saw, and what could not be sent yet. */
export interface Storage<T> {
  read(): T | undefined;
  write(value: T | undefined): void;
}

/**
 * A slot of the browser's storage; where the browser or the page forbids storage, one that lasts as long as the page.
 *
 * @param take what of a stored value can be used: the page, an older version or the visitor may have written it
 */
export function slot<T>(key: string, take: (value: unknown) => T | undefined): Storage<T> {
  let kept: T | undefined;
  return {
    read() {
      try {
        const value = take(JSON.parse(localStorage.getItem(key) as string));
        if (value) return value;
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

/** Where a site’s memory of its visitor is kept. */
export const memoryOf = (site: string): Storage<Memory> => slot(`sirene:${site}`, readMemory);

const startsIn = (value: unknown): Record<string, number> | undefined =>
  isGroup(value)
    ? (Object.fromEntries(Object.entries(value).filter(([, at]) => Number.isFinite(at))) as Record<
        string,
        number
      >)
    : undefined;

/** Where it is kept when the visitor's own countdowns began; those of a try are nobody's. */
export const startsOf = (site: string, isTry = false): Storage<Record<string, number>> =>
  slot(`sirene:${site}:starts${isTry ? ':try' : ''}`, startsIn);

/** By what a site's chat knows its visitor again, bound to the site and to nothing else; and what they have seen of each chat. */
export interface ChatMemory {
  token: string;
  /** The last message seen, by conversation. */
  seen: Readonly<Record<string, number>>;
  isMuted?: boolean;
}

/** Where it is kept by what a site's chat knows its visitor. */
export const chatMemoryOf = (site: string): Storage<ChatMemory> =>
  slot(`sirene:${site}:chat`, (value) => {
    if (!isGroup(value)) return undefined;
    const { token, seen, isMuted } = value as Partial<ChatMemory>;
    if (typeof token !== 'string' || !/^[0-9a-f]{32}$/.test(token)) return undefined;
    return { token, seen: isGroup(seen) ? (seen as ChatMemory['seen']) : {}, isMuted: isMuted === true };
  });

/** A submission that has not been acknowledged. */
export interface Unsent {
  id: string;
  widget: string;
  body: string;
  form: string;
  values: Readonly<Record<string, string>>;
  trap: string;
  took: number;
  /** The proof of work for it, once there is one. */
  work?: string;
  page: string;
  title: string;
}

const unsentKey = (site: string) => `sirene:${site}:unsent`;

/** What waits to be sent, unread: whether it can be is seen later. Nothing where nothing waits, or nothing can be kept. */
export function waitingUnsent(site: string): string | null | undefined {
  try {
    return localStorage.getItem(unsentKey(site));
  } catch {
    return undefined;
  }
}

/** Checked by the server like any other: one that can't be used is refused there, and dropped. */
export const unsentOf = (site: string): Storage<Unsent[]> =>
  slot(unsentKey(site), (list) =>
    Array.isArray(list)
      ? list.filter((one): one is Unsent => isGroup(one) && typeof one['id'] === 'string')
      : undefined,
  );
