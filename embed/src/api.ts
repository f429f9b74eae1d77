import type { Happening, Listener } from './happenings.ts';

/** What a page finds as `window.sirene`. docs/embed-api.md tells of it. */
export interface Api {
  /** Shows a widget by its address name, whatever its rules say. */
  open(name: string): void;
  /** Closes one widget, or all that are open. */
  close(name?: string): void;
  /** Tells of an event of the page's own: widgets whose rules wait for it may appear. 1 to 80 characters. */
  track(name: string): void;
  basket: {
    /** Tells widgets what is in the shop's basket: `[{ id, name, price, quantity, picture?, note? }]`. */
    set(lines: unknown): void;
  };
  /**
   * Calls back when a widget opens, closes or is submitted, when a visitor asks to try again what could not be loaded, or
   * changes a line of the basket (with its id and the quantity wanted); returns what stops it.
   */
  on(happening: Happening, listener: Listener): () => void;
  /** Resolved once widgets may appear. */
  ready: Promise<void>;
}

/** What the API needs of the script behind it; `open` and `close` are called once widgets may appear, never before. */
export interface ApiPort {
  open(name: string): void;
  close(name?: string): void;
  track(name: string): void;
  basket(lines: unknown): void;
  on: Api['on'];
  report(error: unknown): void;
}

/** Makes the API, and what tells it that widgets may appear: what was asked for earlier is done then, in order. */
export function createApi({ open, close, track, basket, on, report }: ApiPort): {
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
    track: (name) => {
      // Whatever the page hands over: only a name can be waited for.
      if (typeof name === 'string' && name.length > 0 && name.length <= 80) once(() => track(name));
    },
    basket: { set: basket },
    on,
    ready,
  };
  return { api, isReady: () => isReady() };
}
