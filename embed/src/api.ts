import type { Explanation } from '@sirene/core/behaviour';
import type { Happening, Listener } from './happenings.ts';

/** What a page finds as `window.sirene`. docs/embed-api.md tells of it; /embed.d.ts says it to TypeScript. */
export interface Api {
  /** Shows a widget by its address name, whatever its rules say. */
  open(name: string): void;
  /** Closes one widget, or all that are open. */
  close(name?: string): void;
  /**
   * Tells of an event of the page's own: widgets whose rules wait for it may appear. 1 to 80 characters. Plain values that come
   * with it can be asked for as facts, named `NAME.KEY`.
   */
  track(name: string, data?: Readonly<Record<string, unknown>>): void;
  /** Tells facts of the page or the visitor, which rules may ask for. Plain values; a later one takes the place of an earlier. */
  set(facts: Readonly<Record<string, unknown>>): void;
  /** Says whom the page knows the visitor as: an object for a member, `null` for a guest. With a token that the
   * site's own server has signed, chats know the member by name. */
  identify(member: { lists?: readonly string[]; token?: string } | null): void;
  basket: {
    /** Tells widgets what is in the shop's basket: `[{ id, name, price, quantity, picture?, note? }]`. */
    set(lines: unknown): void;
  };
  /** Says rule by rule why each widget of the site is on the page now, or is not. */
  why(): Promise<Readonly<Record<string, Explanation>>>;
  /**
   * Calls back when a widget opens, closes or is submitted, when a visitor asks to try again what could not be loaded, or
   * changes a line of the basket (with its id and the quantity wanted); returns what stops it.
   */
  on(happening: Happening, listener: Listener): () => void;
  /** Resolved once widgets may appear. */
  ready: Promise<void>;
}

/** What the API needs of the script behind it; `open`, `close` and `track` are called once widgets may appear, never before. */
export interface ApiPort extends Pick<Api, 'open' | 'close' | 'set' | 'identify' | 'on' | 'why'> {
  track(name: unknown, data?: unknown): void;
  basket(lines: unknown): void;
  report(error: unknown): void;
}

/** Makes the API, and what tells it that widgets may appear: what was asked for earlier is done then, in order. */
export function createApi({ open, close, track, set, identify, basket, why, on, report }: ApiPort): {
  api: Api;
  isReady(): void;
} {
  let isReady = () => {};
  const ready = new Promise<void>((resolve) => (isReady = resolve));
  const once = (call: () => void) => {
    ready.then(call).catch(report);
  };
  const api: Api = {
    open: (name) => once(() => open(name)),
    close: (name) => once(() => close(name)),
    track: (name, data) => once(() => track(name, data)),
    set,
    identify,
    basket: { set: basket },
    why: () => ready.then(why),
    on,
    ready,
  };
  return { api, isReady: () => isReady() };
}
