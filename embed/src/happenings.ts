import type { ManifestWidget } from './manifest.ts';

/** What the page may listen to. */
export type Happening = 'open' | 'close' | 'submit' | 'basket' | 'retry';
export type Listener = (widget: string, detail?: unknown) => void;

/**
 * Those who listen to what happens to widgets.
 *
 * @param call calls a listener, so that what goes wrong in the page's own stays there
 */
export function happenings(call: (listener: () => void) => void) {
  const listeners: Record<Happening, Set<Listener>> = {
    open: new Set(),
    close: new Set(),
    submit: new Set(),
    basket: new Set(),
    retry: new Set(),
  };
  return {
    /** Adds a listener; returns what takes it away. */
    on(happening: Happening, listener: Listener): () => void {
      listeners[happening]?.add(listener);
      return () => void listeners[happening]?.delete(listener);
    },
    /** Tells those who listen of what happened to a widget. */
    tell(happening: Happening, { slug }: Pick<ManifestWidget, 'slug'>, detail?: unknown): void {
      for (const listener of listeners[happening]) call(() => listener(slug, detail));
    },
  };
}
