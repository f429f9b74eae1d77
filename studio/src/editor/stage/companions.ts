import { hang } from '@sirene/embed/parts/anchor';
import type { CompiledWidget } from '@sirene/core/compile';
import { mount, type Mounted, type MountPort } from '@sirene/embed/mount';
import { placeIn } from './place-in.ts';

/** The site's other widgets on the stage's page, while a rehearsal has them appear: looked at, closed, never edited. */
export class Companions {
  #page: Document | null = null;
  #base = '';
  readonly #mounted = new Map<string, Mounted>();

  /** Takes a page that has been loaded; what stood on the one before is gone with it. */
  attach(page: Document, base: string): void {
    this.#page = page;
    this.#base = base;
    this.#mounted.clear();
  }

  /** Puts a published widget on the page, by the code that visitors run. */
  show(id: string, slug: string, body: CompiledWidget, own: Pick<MountPort, 'close' | 'reopen'>): void {
    const page = this.#page;
    if (!page) return;
    this.hide(id);
    const port = { base: this.#base, takesFocus: false, hang, submit: () => {}, ...own };
    this.#mounted.set(id, mount(page, body, placeIn(page, slug, body), port));
  }

  /** Takes another widget off the stage. */
  hide(id: string): void {
    this.#mounted.get(id)?.unmount();
    this.#mounted.delete(id);
  }

  /** Takes all of them off the stage. */
  clear(): void {
    for (const mounted of this.#mounted.values()) mounted.unmount(true);
    this.#mounted.clear();
  }
}
