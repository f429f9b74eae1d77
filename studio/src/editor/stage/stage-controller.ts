import type { ChatSample } from '@sirene/core/chat';
import { hang } from '@sirene/embed/parts/anchor';
import { checkForm } from '@sirene/core/form';
import { compileWidget, htmlOf, noForeign, type CompiledWidget } from '@sirene/core/compile';
import type { Brand, State } from '@sirene/core/style';
import type { SceneName, WidgetDocument } from '@sirene/core/document/widget';
import type { Foreign } from '@sirene/core/compile/foreign';
import { lookOn } from '@sirene/embed/looking';
import type { TickingClock } from '@sirene/embed/parts/part';
import { greet, showFaults, watch } from '@sirene/embed/parts/checks';
import * as formPart from '@sirene/embed/parts/form';
import { beginsFolded, mount, type Mounted, type MountPort } from '@sirene/embed/mount';
import { patch } from '@sirene/embed/patch';
import { remainingBody } from '@sirene/embed/remaining-body';
import { writeSamples } from '../../shared/samples.ts';
import { forcedCss } from '../../shared/forced-css.ts';
import { Companions } from './companions.ts';
import { placeIn } from './place-in.ts';

/** What hears the visitor on the stage; the stage itself knows where uploads are served from. */
export type StagePort = Omit<MountPort, 'base'>;

const editing: StagePort = { takesFocus: false, close: () => {}, submit: () => {} };

const ownClock: TickingClock = {
  now: () => Date.now(),
  at(time, call) {
    const timer = setTimeout(call, time - Date.now());
    return () => clearTimeout(timer);
  },
};

/** Keeps the widget on the stage's page as the document says: mounts it, patches it at every edit, finds its elements. */
export class StageController {
  #page: Document | null = null;
  #mounted: Mounted | null = null;
  #place: Element | null = null;
  #body: CompiledWidget | null = null;
  #document: WidgetDocument | null = null;
  #scene: SceneName = 'opening';
  #visible = true;
  #port: StagePort = editing;
  #foreign: Foreign = noForeign;
  #samples = 2;
  #chat: ChatSample = 'new';
  /** The step that is shown of each form that has several. */
  readonly #steps = new Map<string, number>();
  #forced: { id: string | null; state: State | null } = { id: null, state: null };
  #forcedSheet: CSSStyleSheet | null = null;
  #delayedSheet: CSSStyleSheet | null = null;
  #delays: ReadonlyMap<string, number> = new Map();
  readonly companions = new Companions();
  #clock: TickingClock = ownClock;
  #stopCount = () => {};
  #editedText: string | null = null;
  #mistakes = false;
  #listeners = new Set<() => void>();

  /** @param base where uploads and typefaces are served from: on the client’s page a bare path would be the client’s. */
  constructor(
    private readonly slug: string,
    private readonly base: string,
  ) {}

  /** The stage's page, once it is loaded. */
  get page(): Document | null {
    return this.#page;
  }

  /** The widget as it is mounted; `null` while there is none. */
  get mounted(): Mounted | null {
    return this.#mounted;
  }

  /** The element whose text is being edited in place, or null. */
  get editedText(): string | null {
    return this.#editedText;
  }

  /** The element whose text is typed over now: it is not written anew meanwhile. */
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

  /** Shows or hides what a form looks like when it is filled in wrongly. */
  showMistakes(shown: boolean): void {
    this.#mistakes = shown;
    this.#mounted?.show(this.#scene);
    this.#paint();
  }

  /** Takes a page that has been loaded; the widget is put on it anew. */
  attach(page: Document): void {
    this.#mounted = null;
    this.#page = page;
    this.companions.attach(page, this.base);
    this.#paint();
  }

  /** Shows a document. The edit is on the stage when this returns. */
  draw(document: WidgetDocument, brand: Brand): void {
    this.#body = compileWidget(document, brand, this.#foreign);
    this.#document = document;
    this.#delays = new Map(
      Object.entries(document.elements).flatMap(([id, { after }]) => (after ? [[id, after] as const] : [])),
    );
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

  /** Makes what comes from outside safe, once that has been loaded. */
  set foreign(foreign: Foreign) {
    this.#foreign = foreign;
  }

  /** How many lines a basket is filled with to look at. */
  get samples(): number {
    return this.#samples;
  }

  /** Fills baskets with so many sample lines. */
  showSamples(count: number): void {
    this.#samples = count;
    this.#paint();
  }

  /** How the conversation stands that chats are looked at with. */
  get chat(): ChatSample {
    return this.#chat;
  }

  /** Looks at chats in another state. */
  showChat(sample: ChatSample): void {
    this.#chat = sample;
    this.#paint();
  }

  /** The clock that countdowns on the stage go by; null is the designer's own. */
  goBy(clock: TickingClock | null): void {
    this.#clock = clock ?? ownClock;
    this.#unmount();
    this.#paint();
  }

  /** Scrolls the page to a widget that is part of it, or to the element that it hangs on. */
  reveal(): void {
    const type = this.#body?.placement.type;
    if (type === 'inline' || type === 'anchored') this.#place?.scrollIntoView({ block: 'center' });
  }

  /** Puts answers into the texts that name them, as after a submission. */
  fillAnswers(values: Readonly<Record<string, string>>): void {
    if (this.#mounted) greet(this.#mounted.box, values);
  }

  /** Lets all motion of the widget begin again. */
  replay(): void {
    for (const animation of this.#mounted?.box.getAnimations({ subtree: true }) ?? []) {
      animation.cancel();
      animation.play();
    }
  }

  /** Seconds after the widget at which its elements appear, for those that do so while one edits. */
  get delays(): ReadonlyMap<string, number> {
    return this.#port === editing ? this.#delays : new Map();
  }

  /** Puts all motion of the widget at a moment, ms after it appeared, and holds it there. */
  seek(time: number): void {
    for (const animation of this.#mounted?.box.getAnimations({ subtree: true }) ?? []) {
      animation.pause();
      animation.currentTime = time;
    }
  }

  /** Shows an element, or the widget, as it looks in a state that nobody is in. */
  force(id: string | null, state: State | null): void {
    this.#forced = { id, state };
    this.#paint();
  }

  /** Hands the widget to a rehearsal, whose port then hears what the visitor does; null takes it back. */
  perform(port: StagePort | null): void {
    this.#port = port ?? editing;
    this.#unmount();
    this.#paint();
  }

  /** Calls back when what is on the stage has changed; returns what ends that. */
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

  // The sheet that visitors get stays as it is; beside it lies a second one in which the state is an attribute.
  #force(mounted: Mounted): void {
    const { id, state } = this.#forced;
    const { root, box, body } = mounted;
    for (const node of root.querySelectorAll('[data-forced]')) node.removeAttribute('data-forced');
    this.#forcedSheet?.replaceSync('');
    this.#adopt(mounted);
    if (!state) return;
    const node = id === null ? box : this.nodeOf(id);
    if (!node) return;
    for (const one of [node, ...node.querySelectorAll('*')]) one.setAttribute('data-forced', state);
    this.#forcedSheet?.replaceSync(forcedCss(body.css, state));
  }

  // Beside the visitors' own sheet: one for what appears later, drawn faded, and one for the state that is forced.
  #adopt({ root, sheet }: Mounted): void {
    const [delayed, forced] = [this.#delayedSheet, this.#forcedSheet];
    if (!delayed || !forced || !root.adoptedStyleSheets.includes(delayed)) {
      const view = root.ownerDocument.defaultView as Window & typeof globalThis;
      this.#delayedSheet = new view.CSSStyleSheet();
      this.#forcedSheet = new view.CSSStyleSheet();
      root.adoptedStyleSheets = [sheet, this.#delayedSheet, this.#forcedSheet];
    }
    const later = [...this.delays.keys()].map((id) => `[data-e="${CSS.escape(id)}"]`).join();
    this.#delayedSheet?.replaceSync(later && `${later}{animation:none!important;opacity:.45!important}`);
  }

  #htmlOf = (id: string): string | undefined => (this.#document ? htmlOf(this.#document, id) : undefined);

  #fill(mounted: Mounted): void {
    writeSamples(mounted, this.#samples, this.#clock.now(), this.#chat);
    for (const [id, rule] of Object.entries(this.#body?.forms ?? {})) {
      const form = this.nodeOf(id);
      if (!form) continue;
      if (this.#port === editing) this.#turn(id, form);
      else {
        formPart.begin(form, rule);
        watch(form, rule, formPart);
      }
    }
  }

  /** Of a form in several steps the one is shown that holds what is selected, until something in another is. */
  #turn(id: string, form: HTMLElement): void {
    const selected = this.#forced.id === null ? null : this.nodeOf(this.#forced.id);
    const step = (selected && formPart.stepWith(form, selected)) ?? this.#steps.get(id);
    if (step === undefined) return;
    this.#steps.set(id, step);
    formPart.showStep(form, step);
  }

  #unmount(): void {
    this.#stopCount();
    this.#mounted?.unmount(true);
    this.#mounted = null;
  }

  #paint(): void {
    const page = this.#page;
    const body = this.#body && this.#asSeen(this.#body);
    if (!page?.body || !body) return;
    const place = this.#placeOf(page, body);
    if (!this.#visible) this.#unmount();
    // Hung on another element of the page, or moved to another marker, it is put there anew.
    else if (
      !this.#mounted ||
      place !== this.#place ||
      !patch(this.#mounted, body, this.#scene, this.#editedText, this.base, this.#htmlOf)
    ) {
      this.#unmount();
      this.#place = place;
      this.#mounted = mount(page, body, place, {
        ...this.#port,
        base: this.base,
        hang,
        written: (mounted) => this.#fill(mounted),
        // The page of the stage has no shop; the samples stand for one that answers.
        retry: () => this.#mounted?.show('opening', true),
      });
      if (this.#scene !== this.#mounted.sceneName) this.#mounted.show(this.#scene);
      this.reveal();
      this.#stopCount();
      this.#stopCount = lookOn(this.#mounted, this.#clock);
    }
    if (this.#mounted) {
      this.#fill(this.#mounted);
      this.#force(this.#mounted);
    }
    if (this.#mistakes) this.#markMistakes();
    this.#painted();
  }

  // The teaser is what remains after closing, unless the widget begins with it.
  #asSeen(body: CompiledWidget): CompiledWidget {
    const remains = this.#scene === 'teaser' && body.remains !== undefined;
    const view = this.#page?.defaultView;
    return remains && view && !beginsFolded(body, view) ? remainingBody(body) : body;
  }

  #markMistakes(): void {
    for (const [id, rule] of Object.entries(this.#body?.forms ?? {})) {
      const form = this.nodeOf(id);
      if (form) showFaults(form as HTMLFormElement, rule, checkForm(rule, {}).faults, false);
    }
  }

  #placeOf(page: Document, body: CompiledWidget): Element | null {
    const { placement, stand } = body;
    if (placement.type === 'page') return pageOfItsOwn(page);
    if (stand === 'inline') return this.#marker(page);
    return placement.type === 'anchored' ? placeIn(page, this.slug, body) : null;
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

// A page of its own has nothing of the site's around it.
function pageOfItsOwn(page: Document): Element {
  const { body } = page;
  const own = body.querySelector('[data-own-page]');
  if (own) return own;
  for (const child of [...body.children]) (child as HTMLElement).style.display = 'none';
  body.style.margin = '0';
  const place = page.createElement('div');
  place.dataset['ownPage'] = '';
  body.append(place);
  return place;
}
