import {
  applyChecked,
  applyOperation,
  type Operation,
  type Problem,
  type WidgetDocument,
} from '@sirene/core/document/widget';

interface Done {
  /** The document before it. */
  before: WidgetDocument;
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
  #refused: Problem | null = null;
  #listeners = new Set<EditListener>();

  constructor(
    document: WidgetDocument,
    private readonly now: () => number = Date.now,
  ) {
    this.#document = document;
  }

  /** The document as it is now. */
  get document(): WidgetDocument {
    return this.#document;
  }

  /** Why the last edit was not made, until one is. */
  get refused(): Problem | null {
    return this.#refused;
  }

  /** Whether an edit can be taken back. */
  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  /** Whether an edit that was taken back can be made again. */
  get canRedo(): boolean {
    return this.#undone.length > 0;
  }

  /**
   * Makes an edit, unless the document would no longer be one that can be saved: then nothing changes. Edits with the same
   * `key` in quick succession, such as typing, are undone together.
   *
   * @returns why it was not made, or `null`
   */
  apply = (operation: Operation, key: string | null = null): Problem | null => {
    const result = applyChecked(this.#document, operation);
    this.#refused = result.ok ? null : (result.problems[0] ?? null);
    if (!result.ok) {
      this.#tell(false);
      return this.#refused;
    }
    const { document, inverse } = result.edit;
    const last = this.#done.at(-1);
    const at = this.now();
    if (key !== null && last?.key === key && at - last.at < mergeMs) {
      const inverseOfBoth: Operation = { type: 'group', operations: [inverse, last.inverse] };
      const both: Operation = { type: 'group', operations: [last.operation, operation] };
      this.#done[this.#done.length - 1] = { ...last, operation: both, inverse: inverseOfBoth, at };
    } else {
      this.#done.push({ before: this.#document, operation, inverse, key, at });
    }
    this.#undone = [];
    this.#become(document, key !== null);
    return null;
  };

  /** Takes back the last edit. */
  undo = (): void => {
    const last = this.#done.pop();
    if (!last) return;
    this.#undone.push(last);
    this.#become(applyOperation(this.#document, last.inverse).document);
  };

  /** Makes again what was taken back last. */
  redo = (): void => {
    const next = this.#undone.pop();
    if (!next) return;
    this.#done.push({ ...next, key: null });
    this.#become(applyOperation(this.#document, next.operation).document);
  };

  /** Puts another document in place, such as an earlier version; it can be undone like any edit. */
  replace(document: WidgetDocument): Problem | null {
    const keys = Object.keys({ ...this.#document, ...document }) as (keyof WidgetDocument)[];
    const operations = keys
      .filter((key) => this.#document[key] !== document[key])
      .map((key): Operation => ({ type: 'set', path: [key], value: document[key] }));
    return this.apply({ type: 'group', operations });
  }

  /**
   * Goes over to another state of the document, such as one that was saved elsewhere, and makes the edits there that were
   * made here since `saved`.
   *
   * @returns how many could not be made there
   */
  rebase(onto: WidgetDocument, saved: WidgetDocument): number {
    const from = this.#done.findIndex(({ before }) => before === saved);
    const edits = this.#done.slice(Math.max(from, 0)).map(({ operation }) => operation);
    this.#done = [];
    this.#undone = [];
    this.#become(onto);
    return edits.filter((operation) => this.apply(operation) !== null).length;
  }

  /** Calls back after every edit; returns what ends that. */
  subscribe = (listener: EditListener): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  #become(document: WidgetDocument, quick = false): void {
    this.#document = document;
    this.#refused = null;
    this.#tell(quick);
  }

  #tell(quick: boolean): void {
    for (const listener of this.#listeners) listener(quick);
  }
}
