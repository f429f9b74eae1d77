import type { CompiledWidget } from '@sirene/core/compile';
import type { SceneName } from '@sirene/core/document/widget';
import type { hang } from './parts/anchor.ts';
import { loadFonts } from './fonts.ts';
import { writeHtml } from './markup.ts';
import { push } from './push.ts';
import { served } from '@sirene/core/base/served';

/** What the one who mounts a widget is told and decides. */
export interface MountPort {
  /** The visitor wants it closed, or a button of it does. */
  close(): void;
  /** The visitor sends one of its forms. */
  submit(form: HTMLFormElement, id: string): void;
  /** The visitor changes how many pieces of a line are in the basket. */
  basket?(line: string, quantity: number): void;
  /** The visitor asks the page to try once more what it could not load. */
  retry?(): void;
  /** What remained of it is pressed: it is to open again. What folds up unfolds by itself. */
  reopen?(): void;
  /** Called whenever a scene has been written: what fills it in is told. */
  written?(mounted: Mounted): void;
  /** Keeps an anchored box at its element; loaded by those who mount one. */
  hang?: typeof hang;
  /** Where uploads and typefaces are served from. */
  base: string;
  /**
   * Whether an overlay may take the focus. The studio says no: typing in the inspector must not be interrupted.
   * The overlay stands in the top layer all the same.
   */
  takesFocus: boolean;
}

/** A widget on a page. */
export interface Mounted {
  body: CompiledWidget;
  host: HTMLElement;
  root: ShadowRoot;
  /** The outermost box of the widget. */
  box: HTMLElement;
  sheet: CSSStyleSheet;
  sceneName: SceneName;
  /** Writes compiled HTML into one of its elements, in the way that the page allows. */
  write(element: Element, html: string): void;
  /** Changes what is seen, such as from the opening to the thanks. */
  show(scene: SceneName, focus?: boolean): void;
  /** Takes it off the page, once it has gone in its own manner; at once where `now` is said. */
  unmount(now?: boolean): void;
}

/**
 * What keeps the page's own rules from the element that holds a widget, be they as broad as `div:empty{display:none}`:
 * important rules of a shadow tree outrank all of the page's, important or not (CSS Cascade 5, 6.1).
 */
const hostCss = 'all:initial!important;display:block!important';

/** A compiled widget's style sheet, as it stands in its shadow root. */
export const sheetText = ({ css, stand }: CompiledWidget, base: string): string =>
  // An overlay's host takes no room, not even the gap between the items of a body that is a grid.
  `:host{${hostCss}${stand === 'inline' ? '' : ';position:fixed!important'}}${served(css, base)}`;

/**
 * Puts a compiled widget on a page: in a shadow root, an overlay in the browser's top layer, an inline widget inside
 * its marker. Visitors, the stage and the previews all get theirs from here.
 *
 * @param place the marker of an inline widget or the element that one hangs on; others hang at the end of the page
 */
export function mount(page: Document, body: CompiledWidget, place: Element | null, port: MountPort): Mounted {
  const view = page.defaultView as Window & typeof globalThis;
  const host = page.createElement('div');
  const root = host.attachShadow({ mode: 'open' });
  // A constructed sheet, since a page's content policy may forbid style elements.
  const sheet = new view.CSSStyleSheet();
  sheet.replaceSync(sheetText(body, port.base));
  root.adoptedStyleSheets = [sheet];
  loadFonts(page, body.fonts, port.base);

  const inline = body.stand === 'inline';
  const modal = body.stand === 'modal' && port.takesFocus;
  // A dialog element would take the focus even where it only stands in a corner.
  const box: HTMLElement = page.createElement(inline ? 'section' : modal ? 'dialog' : 'div');
  if (!inline && !modal) box.setAttribute('role', 'dialog');
  box.className = 'box';
  box.setAttribute('aria-label', body.label);
  if (body.lang) box.lang = body.lang;
  if (body.dir) box.dir = body.dir;
  if (body.unseen) box.toggleAttribute('data-unseen', true);
  root.append(box);
  const before = page.activeElement as HTMLElement | null;
  const ends: (() => void)[] = [];
  const still = view.matchMedia?.('(prefers-reduced-motion:reduce)').matches;

  const mounted: Mounted = {
    body,
    host,
    root,
    box,
    sheet,
    sceneName: 'opening',
    write: writeHtml,
    show(name, focus) {
      mounted.sceneName = name;
      box.toggleAttribute('data-folded', isFolded(mounted.body, name));
      writeHtml(box, served(boxHtml(mounted.body, name), port.base));
      written(mounted);
      if (focus) focusFirst(box);
    },
    unmount(now) {
      // Asked before it is gone: focus is given back only where the widget had it.
      const here = root.activeElement !== null || page.activeElement === host;
      for (const end of ends) end();
      const { exit } = mounted.body;
      if (exit && !now && !still) {
        box.toggleAttribute('data-leaving', true);
        view.setTimeout(() => host.remove(), exit);
      } else host.remove();
      if (here && before?.isConnected) before.focus();
    },
  };

  function written(of: Mounted): void {
    watchUnseen(view, box);
    if (!still && port.takesFocus)
      for (const video of box.querySelectorAll<HTMLVideoElement>('[data-loop]')) {
        video.muted = true;
        video.play().catch(() => {});
      }
    port.written?.(of);
  }

  // A launcher folds up rather than goes; every other widget is closed by who mounted it.
  function close(): void {
    if (body.placement.type !== 'launcher') return port.close();
    if (mounted.sceneName !== 'teaser') mounted.show('teaser');
    box.querySelector<HTMLElement>('.launcher')?.focus();
  }

  const mayCloseBy = (way: 'escape' | 'backdrop') => {
    const { placement } = mounted.body;
    return 'closing' in placement && placement.closing[way];
  };

  function on<E extends Event>(target: EventTarget, type: string, listener: (event: E) => void): void {
    target.addEventListener(type, listener as EventListener);
    ends.push(() => target.removeEventListener(type, listener as EventListener));
  }

  function stand(): void {
    (inline ? (place ?? page.body) : page.body).append(host);
    mounted.show(body.scenes.teaser && beginsFolded(body, view) ? 'teaser' : 'opening');
    box.addEventListener('submit', (event) => {
      event.preventDefault();
      const form = event.target as HTMLFormElement;
      // A field may be called "dataset", and would be found in its place.
      port.submit(form, form.getAttribute('data-e') ?? '');
    });
    box.addEventListener('click', (event: MouseEvent) => {
      const target = event.target as Element;
      const pressed = Element.prototype.closest.call(target, '[data-act],[data-line]');
      const { act, to, line } = (pressed as HTMLElement | null)?.dataset ?? {};
      if (line !== undefined) port.basket?.(line, Number(to));
      else if (act === 'close') close();
      else if (act === 'retry') port.retry?.();
      else if (act === 'unfold') (port.reopen ?? (() => mounted.show('opening', port.takesFocus)))();
      else if (act === 'scene' && to && Object.hasOwn(mounted.body.scenes, to))
        mounted.show(to as SceneName, true);
      else if (target === box && mayCloseBy('backdrop') && outside(box, event)) close();
    });
    if (inline) return;

    if (modal) {
      // The dialog would close itself; who mounts decides, so that what is remembered and what is seen agree.
      box.addEventListener('cancel', (event) => {
        event.preventDefault();
        if (mayCloseBy('escape')) close();
      });
      (box as HTMLDialogElement).showModal();
    } else {
      box.setAttribute('popover', 'manual');
      box.showPopover();
      if (port.takesFocus)
        on(page, 'keydown', (event: KeyboardEvent) => {
          if (event.key === 'Escape' && !event.defaultPrevented && mayCloseBy('escape')) close();
        });
    }
    const { placement } = body;
    if (placement.type === 'anchored') {
      if (port.hang) ends.push(port.hang(view, box, place, () => mounted.body.placement));
      if (port.takesFocus && place)
        on(page, 'pointerdown', (event: Event) => {
          const path = event.composedPath();
          if (mayCloseBy('backdrop') && !path.includes(host) && !path.includes(place)) close();
        });
    }
    if (placement.type === 'bar' && placement.push) ends.push(push(page, box, placement.at));
    if ('closing' in placement && placement.closing.after && port.takesFocus) {
      const timer = view.setTimeout(() => port.close(), placement.closing.after * 1000);
      ends.push(() => view.clearTimeout(timer));
    }
  }

  try {
    stand();
  } catch (error) {
    // Half of it must not stay: nobody could close it.
    mounted.unmount(true);
    throw error;
  }
  return mounted;
}

/** Whether the teaser is what is seen first: of a launcher, and of a sheet on a phone. */
export const beginsFolded = ({ placement }: CompiledWidget, view: Window): boolean =>
  placement.type === 'launcher' ||
  ('sheet' in placement && placement.sheet === true && view.matchMedia('(max-width:600px)').matches);

const isFolded = ({ placement }: CompiledWidget, name: SceneName): boolean =>
  placement.type === 'launcher' && name === 'teaser';

/** What stands inside the box: the close button, where there is one, a scene, and what stands above and below it. */
export function boxHtml(body: CompiledWidget, name: SceneName): string {
  const scene = body.scenes[name] ?? '';
  if (isFolded(body, name))
    return `<button type="button" class="launcher" data-act="unfold" aria-expanded="false">${scene}</button>`;
  const region = (at: 'header' | 'footer') => (body[at] ? `<div class="${at}">${body[at]}</div>` : '');
  return `${body.close}${region('header')}<div class="scene" data-scene="${name}">${scene}</div>${region('footer')}`;
}

// A click on a modal's backdrop arrives at the dialog itself, as does one on its padding.
function outside(box: Element, { clientX, clientY }: MouseEvent): boolean {
  const { left, right, top, bottom } = box.getBoundingClientRect();
  return clientX < left || clientX > right || clientY < top || clientY > bottom;
}

// What comes in when it is scrolled to waits, paused, until it is.
function watchUnseen(view: Window & typeof globalThis, box: HTMLElement): void {
  const itself = box.hasAttribute('data-unseen') ? [box] : [];
  const waiting = [...itself, ...box.querySelectorAll('[data-unseen]')];
  if (waiting.length === 0) return;
  const observer = new view.IntersectionObserver((entries) => {
    for (const { isIntersecting, target } of entries) {
      if (!isIntersecting) continue;
      target.removeAttribute('data-unseen');
      observer.unobserve(target);
    }
  });
  for (const one of waiting) observer.observe(one);
}

function focusFirst(box: HTMLElement): void {
  const scene = box.querySelector<HTMLElement>('.scene');
  if (!scene) return;
  // The scene itself, so that a screen reader reads on from the top of what is new.
  scene.tabIndex = -1;
  scene.style.outline = 'none';
  scene.focus();
}
