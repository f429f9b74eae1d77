import type { WidgetDocument } from '@sirene/core/document/widget';
import { ApiError, at, put, type Widget } from '../../shared/api/index.ts';
import type { EditSession } from './edit-session.ts';
import { inBackground } from '../../shared/background.ts';

export type SaveState =
  | { type: 'saved' }
  | { type: 'saving' }
  | { type: 'offline'; message: string }
  | { type: 'refused'; message: string }
  /** Somebody else saved in between; nothing of either is lost. */
  | { type: 'conflict'; savedAt: number };

/** Saves that an editor left behind when it closed, by widget. */
const leaving = new Map<string, Promise<void>>();

/** Resolved when what was edited of a widget before has been saved, or can't be: who opens it again waits for that. */
export const settledOf = (widgetId: string): Promise<void> => leaving.get(widgetId) ?? Promise.resolve();

const quietMs = 500;
const retryMs = 4000;
const unreached = 'Sirene can’t be reached. Your work is kept here, and saved when it is back.';

/** What is told of saving. */
export interface AutosavePort {
  /** Keeps a draft that is about to be sent, in case it does not arrive. */
  keep?(base: number, document: WidgetDocument): void;
  /** All has arrived, or the person has decided about what has not. */
  forget?(): Promise<void>;
}

/** Saves the draft shortly after each edit, one save at a time, each naming the version it started from. */
export class Autosave {
  #state: SaveState = { type: 'saved' };
  #saved: WidgetDocument;
  #version: number;
  #changed: boolean;
  #publishedNumber: number | null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #saving: Promise<void> | null = null;
  #listeners = new Set<() => void>();

  constructor(
    private readonly session: EditSession,
    private readonly widget: Widget,
    private readonly port: AutosavePort = {},
  ) {
    this.#saved = widget.document;
    this.#version = widget.draftVersion;
    this.#changed = widget.changedSince;
    this.#publishedNumber = widget.publishedNumber;
    session.subscribe(() => this.#soon(quietMs));
  }

  /** How far what was edited has been saved. */
  get state(): SaveState {
    return this.#state;
  }

  /** The draft version on the server that the editor is based on. */
  get version(): number {
    return this.#version;
  }

  /** The version that visitors get, or null. */
  get publishedNumber(): number | null {
    return this.#publishedNumber;
  }

  /** Whether the draft differs from what is published, as far as has been saved. */
  get changedSince(): boolean {
    return this.#publishedNumber !== null && (this.#changed || this.session.document !== this.#saved);
  }

  /** Calls back when that changes; returns what ends it. */
  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** The document as the server has it, as far as is known here. */
  get savedDocument(): WidgetDocument {
    return this.#saved;
  }

  /** Goes on from another state on the server, which somebody else has saved; what is here is saved upon it. */
  goOnFrom({ document, draftVersion }: Widget): void {
    this.#saved = document;
    this.#version = draftVersion;
    this.#become({ type: 'saved' });
    this.#soon(0);
  }

  /** Sends what an earlier visit has left, made from version `base`. */
  resume(base: number): void {
    this.#version = base;
    this.#soon(0);
  }

  /** Drops what is kept of this draft: the person takes another. */
  async forget(): Promise<void> {
    await this.port.forget?.();
  }

  /** Takes over what the server says after publishing. */
  published({ changedSince, publishedNumber }: Widget): void {
    this.#changed = changedSince;
    this.#publishedNumber = publishedNumber;
    this.#become(this.#state);
  }

  /** Saves what is not saved yet; resolved when that is done, rejected when it can't be. */
  async flush(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#saving;
    // The person decides about a conflict; until then nothing is sent.
    const mayTry = this.#state.type !== 'conflict';
    if (mayTry && this.session.document !== this.#saved) await this.#save();
    if (this.#state.type !== 'saved') throw new Error(messageOf(this.#state));
  }

  /** Saves what is left, once the editor is closed. */
  leave(): void {
    const { id } = this.widget;
    const saved = this.flush()
      .catch(() => clearTimeout(this.#timer))
      .finally(() => {
        if (leaving.get(id) === saved) leaving.delete(id);
      });
    leaving.set(id, saved);
  }

  #soon(wait: number): void {
    if (this.#state.type === 'conflict') return;
    if (this.#state.type === 'saved') this.#become({ type: 'saving' });
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => inBackground(this.#save()), wait);
  }

  async #save(): Promise<void> {
    if (this.#saving) return this.#soon(quietMs);
    const document = this.session.document;
    if (document === this.#saved) return this.#become({ type: 'saved' });
    this.#become({ type: 'saving' });
    this.port.keep?.(this.#version, document);
    this.#saving = this.#send(document).finally(() => (this.#saving = null));
    await this.#saving;
  }

  async #send(document: WidgetDocument): Promise<void> {
    try {
      const saved = await put(at('/api/widgets/{widget}/draft', { widget: this.widget.id }), {
        base: this.#version,
        document,
      });
      this.#version = saved.draftVersion;
      this.#changed = saved.changedSince;
      this.#saved = document;
      if (this.session.document === document) inBackground(this.port.forget?.());
      if (this.session.document === document) this.#become({ type: 'saved' });
      else this.#soon(quietMs);
    } catch (error) {
      this.#failed(error as ApiError);
    }
  }

  #failed(error: ApiError): void {
    if (error.status === 409) {
      const { at } = error.body['saved'] as { at: number };
      return this.#become({ type: 'conflict', savedAt: at });
    }
    if (error.status >= 400 && error.status < 500)
      return this.#become({ type: 'refused', message: error.message });
    this.#become({ type: 'offline', message: error.status === 0 ? unreached : error.message });
    this.#soon(retryMs);
  }

  #become(state: SaveState): void {
    this.#state = state;
    for (const listener of this.#listeners) listener();
  }
}

function messageOf(state: SaveState): string {
  if (state.type === 'conflict') return 'This widget has been saved elsewhere since you opened it.';
  return 'message' in state ? state.message : 'The draft could not be saved yet.';
}
