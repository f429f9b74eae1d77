import type { CompiledWidget } from '@sirene/core/compile';
import type { Mounted, MountPort } from './mount.ts';

/** All that is needed to mount a widget. */
export interface Ready {
  body: CompiledWidget;
  hang?: MountPort['hang'];
}

/** What a surface needs of the page around it. */
export interface SurfacePort<W> {
  /** Fetches a widget's body, and what it takes to mount it. */
  load(widget: W): Promise<Ready>;
  mount(widget: W, ready: Ready): Mounted;
  /** Puts what remains of a widget on the page; `row` others remain there already. */
  remain(widget: W, ready: Ready, row: number): Mounted;
  /** It is there now; `end` is given what has to stop when it goes. */
  shown(widget: W, mounted: Mounted, end: (stop: () => void) => void): void;
  /** It was there and is gone. */
  gone(widget: W): void;
  /** Its body could not be had, or not be mounted. */
  failed(widget: W, error: unknown): void;
}

/** One try to show a widget. A later try, or an end, outdates it; what it waited for is then dropped. */
interface Show {
  mounted: Mounted | null;
  ends: (() => void)[];
}

/**
 * The widgets on a page. Bodies arrive late, pages change their address meanwhile, visitors close: each try to show is
 * told apart from those before it, so that no widget is ever there twice, or there and forgotten.
 */
export class Surface<W extends { id: string }> {
  readonly #shows = new Map<string, Show>();
  /** Those that are on their way out, in their own manner. */
  readonly #leaving = new Map<string, Mounted>();
  /** What remains of those that were closed; `null` while it is on its way. */
  readonly #remains = new Map<string, Mounted | null>();
  readonly #port: SurfacePort<W>;

  constructor(port: SurfacePort<W>) {
    this.#port = port;
  }

  /** Whether a widget is there, or on its way. */
  has(id: string): boolean {
    return this.#shows.has(id);
  }

  /** Those that are mounted. */
  get mounted(): Mounted[] {
    return [...this.#shows.values()].flatMap(({ mounted }) => mounted ?? []);
  }

  /** Shows a widget once its body is there, unless it is hidden or shown anew meanwhile. */
  async show(widget: W): Promise<void> {
    this.hide(widget);
    this.#leaving.get(widget.id)?.unmount(true);
    const show: Show = { mounted: null, ends: [] };
    this.#shows.set(widget.id, show);
    const isCurrent = () => this.#shows.get(widget.id) === show;
    try {
      const ready = await this.#port.load(widget);
      if (!isCurrent()) return;
      const mounted = (show.mounted = this.#port.mount(widget, ready));
      this.#port.shown(widget, mounted, (stop) => {
        // Whoever comes late, with a part that had to be loaded, is stopped at once.
        if (isCurrent()) show.ends.push(stop);
        else stop();
      });
    } catch (error) {
      if (!isCurrent()) return;
      this.hide(widget);
      this.#port.failed(widget, error);
    }
  }

  /** Lets the teaser of a widget stand where it was closed, until it is shown or hidden. */
  async remain(widget: W): Promise<void> {
    const { id } = widget;
    this.#remains.set(id, null);
    // Shown, hidden or put there meanwhile, it is no longer wanted.
    const isWanted = () => this.#remains.get(id) === null;
    try {
      const ready = await this.#port.load(widget);
      if (!isWanted()) return;
      const { remains } = ready.body;
      const row = [...this.#remains.values()].filter((one) => one?.body.remains === remains).length;
      this.#remains.set(id, this.#port.remain(widget, ready, row));
    } catch (error) {
      if (!isWanted()) return;
      this.#remains.delete(id);
      this.#port.failed(widget, error);
    }
  }

  /** Takes a widget away, what remains of it too, or drops what is on its way. */
  hide(widget: W): void {
    this.#remains.get(widget.id)?.unmount(true);
    this.#remains.delete(widget.id);
    const show = this.#shows.get(widget.id);
    if (!show) return;
    this.#shows.delete(widget.id);
    for (const stop of show.ends) stop();
    if (!show.mounted) return;
    show.mounted.unmount();
    this.#leaving.set(widget.id, show.mounted);
    this.#port.gone(widget);
  }
}
