import type { ManifestWidget } from './manifest.ts';
import type { Counted } from './events.ts';

/** What the page may listen to. */
export type Happening = 'open' | 'close' | 'submit' | 'basket' | 'retry';
export type Listener = (widget: string, detail?: unknown) => void;

/** What of it is counted, and as what. What visitors ask of the page itself is not. */
const counted: Partial<Record<Happening, Counted['type']>> = {
  open: 'shown',
  close: 'closed',
  submit: 'submitted',
};

/**
 * Those who listen to what happens to widgets.
 *
 * @param call calls a listener, so that what goes wrong in the page's own stays there
 */
export function happenings(count: (event: Counted) => void, call: (listener: () => void) => void) {
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
    /** Counts what happened to a widget, where that is counted, and tells those who listen. */
    tell(happening: Happening, { id, slug }: Pick<ManifestWidget, 'id' | 'slug'>, detail?: unknown): void {
      const type = counted[happening];
      if (type) count({ type, widget: id });
      for (const listener of listeners[happening]) call(() => listener(slug, detail));
    },
  };
}
