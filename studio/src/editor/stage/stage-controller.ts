import { checkForm } from '@sirene/core/form';
import { compileWidget, type CompiledWidget } from '@sirene/core/render';
import type { Brand } from '@sirene/core/style';
import type { SceneName, WidgetDocument } from '@sirene/core/widget';
import { showFaults } from '@sirene/embed/form';
import { mount, type Mounted, type MountPort } from '@sirene/embed/mount';
import { patch } from '@sirene/embed/patch';

const editing: MountPort = { takesFocus: false, close: () => {}, submit: () => {} };

/** Keeps the widget on the stage's page as the document says: mounts it, patches it at every edit, finds its elements. */
export class StageController {
  #page: Document | null = null;
  #mounted: Mounted | null = null;
  #body: CompiledWidget | null = null;
  #scene: SceneName = 'opening';
  #visible = true;
  #port = editing;
  #editedText: string | null = null;
  #mistakes = false;
  #listeners = new Set<() => void>();

  constructor(private readonly slug: string) {}

  /** The stage's page, once it is loaded. */
  get page(): Document | null {
    return this.#page;
  }

  get mounted(): Mounted | null {
    return this.#mounted;
  }

  /** The element whose text is being edited in place, or null. */
  get editedText(): string | null {
    return this.#editedText;
  }

  set editedText(id: string | null) {
    this.#editedText = id;
    // The browser's own markup for what was typed gives way to what core writes.
    if (id === null) this.#mounted?.show(this.#scene);
    this.#painted();
  }

  /** Whether the forms are shown as a visitor sees them who has sent them empty. */
  get mistakes(): boolean {
    return this.#mistakes;
  }

  showMistakes(shown: boolean): void {
    this.#mistakes = shown;
    this.#mounted?.show(this.#scene);
    this.#paint();
  }

  /** Takes a page that has been loaded; the widget is put on it anew. */
  attach(page: Document): void {
    this.#mounted = null;
    this.#page = page;
    this.#paint();
  }

  /** Shows a document. The edit is on the stage when this returns. */
  draw(document: WidgetDocument, brand: Brand): void {
    this.#body = compileWidget(document, brand);
    this.#paint();
  }

  /** Chooses the scene, and whether the widget is there at all. */
  face(scene: SceneName, visible: boolean): void {
    this.#scene = scene;
    this.#visible = visible;
    this.#paint();
  }

  /** Takes the widget off and lets it come in again, with its entrance motion. */
  comeAgain(): void {
    this.#unmount();
    this.#paint();
  }

  /** Hands the widget to a rehearsal, whose port then hears what the visitor does; null takes it back. */
  perform(port: MountPort | null): void {
    this.#port = port ?? editing;
    this.#unmount();
    this.#paint();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** The element at a point of the page's window, 'widget' for its box, or null beside it. */
  elementAt(x: number, y: number): string | null {
    const root = this.#mounted?.root;
    // The host takes no part in the page's hit test where a sheet of the editor lies above: the root is asked itself.
    const hit = root?.elementFromPoint(x, y);
    if (!hit || !root?.contains(hit)) return null;
    const element = hit.closest<HTMLElement>('[data-e]')?.dataset['e'];
    return element ?? 'widget';
  }

  /** The node of an element on the stage. */
  nodeOf(id: string): HTMLElement | null {
    return this.#mounted?.root.querySelector(`[data-e="${CSS.escape(id)}"]`) ?? null;
  }

  /** Where an element stands in the page's window, px. */
  rectOf(id: string | null): DOMRect | null {
    const node = id === null ? this.#mounted?.box : this.nodeOf(id);
    return node?.getBoundingClientRect() ?? null;
  }

  #unmount(): void {
    this.#mounted?.unmount();
    this.#mounted = null;
  }

  #paint(): void {
    const page = this.#page;
    const body = this.#body;
    if (!page?.body || !body) return;
    if (!this.#visible) this.#unmount();
    else if (!this.#mounted || !patch(this.#mounted, body, this.#scene, this.#editedText)) {
      this.#unmount();
      const place = body.placement.type === 'inline' ? this.#marker(page) : null;
      this.#mounted = mount(page, body, place, this.#port);
      if (this.#scene !== 'opening') this.#mounted.show(this.#scene);
      place?.scrollIntoView({ block: 'center' });
    }
    if (this.#mistakes) this.#markMistakes();
    this.#painted();
  }

  #markMistakes(): void {
    for (const [id, rule] of Object.entries(this.#body?.forms ?? {})) {
      const form = this.nodeOf(id);
      if (form) showFaults(form as HTMLFormElement, rule, checkForm(rule, {}).faults, false);
    }
  }

  /** The page's marker for this widget; a page without one gets one at the end of its main part, on the stage only. */
  #marker(page: Document): Element {
    const found = page.querySelector(`[data-sirene="${CSS.escape(this.slug)}"]`);
    if (found) return found;
    const marker = page.createElement('div');
    marker.dataset['sirene'] = this.slug;
    marker.style.cssText = 'margin:32px auto;max-width:1120px;padding:0 32px';
    (page.querySelector('main') ?? page.body).append(marker);
    return marker;
  }

  #painted(): void {
    for (const listener of this.#listeners) listener();
  }
}
