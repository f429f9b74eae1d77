import type { WidgetDocument } from '@sirene/core/document/widget';
import type { EditSession } from './edit-session.ts';

/** Calls back once the browser has painted and has time. */
export type AfterPaint = (call: () => void) => void;

const browserPaint: AfterPaint = (call) => requestIdleCallback(call, { timeout: 200 });

/**
 * The document for all that need not keep up with every key press: while somebody types or drags, it follows after the
 * next paint, so that the stage is never kept waiting by the outline (27 of 41 ms of a key press, bench/stage). Edits of any
 * other kind it follows at once.
 */
export class SettledDocument {
  #document: WidgetDocument;
  #listeners = new Set<() => void>();
  #waiting = false;

  constructor(
    private readonly session: EditSession,
    private readonly afterPaint: AfterPaint = browserPaint,
  ) {
    this.#document = session.document;
    session.subscribe((quick) => (quick ? this.#later() : this.#follow()));
  }

  /** The document as it was when the last paint was over. */
  get document(): WidgetDocument {
    return this.#document;
  }

  /** Calls back once an edit may be followed; returns what ends that. */
  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  #later(): void {
    if (this.#waiting) return;
    this.#waiting = true;
    this.afterPaint(() => {
      this.#waiting = false;
      this.#follow();
    });
  }

  #follow(): void {
    if (this.#document === this.session.document) return;
    this.#document = this.session.document;
    for (const listener of this.#listeners) listener();
  }
}
