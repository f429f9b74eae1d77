import { applyOperation, type Operation, type WidgetDocument } from '@sirene/core/widget';

interface Done {
  operation: Operation;
  inverse: Operation;
  /** Edits with the same key that follow each other quickly are one step. */
  key: string | null;
  at: number;
}

/** Hears of an edit; `quick` is one of those that come many a second, such as typing. */
export type EditListener = (quick: boolean) => void;

/** Edits with the same key within this time are one step, ms. */
const mergeMs = 1200;

/**
 * The document being edited, and everything done to it. Every change is a core operation, so undo is the inverse of
 * each, without limit.
 */
export class EditSession {
  #document: WidgetDocument;
  #done: Done[] = [];
  #undone: Done[] = [];
  #listeners = new Set<EditListener>();

  constructor(
    document: WidgetDocument,
    private readonly now: () => number = Date.now,
  ) {
    this.#document = document;
  }

  get document(): WidgetDocument {
    return this.#document;
  }

  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  get canRedo(): boolean {
    return this.#undone.length > 0;
  }

  /** Makes an edit. Edits with the same `key` in quick succession, such as typing, are undone together. */
  apply = (operation: Operation, key: string | null = null): void => {
    const { document, inverse } = applyOperation(this.#document, operation);
    const last = this.#done.at(-1);
    const at = this.now();
    if (key !== null && last?.key === key && at - last.at < mergeMs) {
      const inverseOfBoth: Operation = { type: 'group', operations: [inverse, last.inverse] };
      const both: Operation = { type: 'group', operations: [last.operation, operation] };
      this.#done[this.#done.length - 1] = { operation: both, inverse: inverseOfBoth, key, at };
    } else {
      this.#done.push({ operation, inverse, key, at });
    }
    this.#undone = [];
    this.#become(document, key !== null);
  };

  undo = (): void => {
    const last = this.#done.pop();
    if (!last) return;
    this.#undone.push(last);
    this.#become(applyOperation(this.#document, last.inverse).document);
  };

  redo = (): void => {
    const next = this.#undone.pop();
    if (!next) return;
    this.#done.push({ ...next, key: null });
    this.#become(applyOperation(this.#document, next.operation).document);
  };

  /** Puts another document in place, such as an earlier version; it can be undone like any edit. */
  replace(document: WidgetDocument): void {
    const keys = Object.keys({ ...this.#document, ...document }) as (keyof WidgetDocument)[];
    const operations = keys
      .filter((key) => this.#document[key] !== document[key])
      .map((key): Operation => ({ type: 'set', path: [key], value: document[key] }));
    this.apply({ type: 'group', operations });
  }

  subscribe = (listener: EditListener): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  #become(document: WidgetDocument, quick = false): void {
    this.#document = document;
    for (const listener of this.#listeners) listener(quick);
  }
}
