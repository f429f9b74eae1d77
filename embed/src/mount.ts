import type { CompiledWidget } from '@sirene/core/render';
import type { SceneName } from '@sirene/core/widget';

/** What the one who mounts a widget is told and decides. */
export interface MountPort {
  /** The visitor wants it closed, or a button of it does. */
  close(): void;
  /** The visitor sends one of its forms. */
  submit(form: HTMLFormElement, id: string): void;
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
  /** Changes what is seen, such as from the opening to the thanks. */
  show(scene: SceneName, focus?: boolean): void;
  unmount(): void;
}

/**
 * Puts a compiled widget on a page: in a shadow root, an overlay in the browser's top layer, an inline widget inside
 * its marker. Visitors, the stage and the pictures all get theirs from here.
 *
 * @param place the marker of an inline widget; overlays hang at the end of the page
 */
export function mount(page: Document, body: CompiledWidget, place: Element | null, port: MountPort): Mounted {
  const view = page.defaultView as Window & typeof globalThis;
  const host = page.createElement('div');
  const root = host.attachShadow({ mode: 'open' });
  // A constructed sheet, since a page's content policy may forbid style elements.
  const sheet = new view.CSSStyleSheet();
  sheet.replaceSync(body.css);
  root.adoptedStyleSheets = [sheet];

  const inline = body.placement.type === 'inline';
  const modal = body.placement.type === 'centre' && port.takesFocus;
  // A dialog element would take the focus even where it only stands in a corner.
  const box: HTMLElement = page.createElement(inline ? 'section' : modal ? 'dialog' : 'div');
  if (!inline && !modal) box.setAttribute('role', 'dialog');
  box.className = 'box';
  box.setAttribute('aria-label', body.label);
  root.append(box);
  const before = page.activeElement as HTMLElement | null;
  let here = false;

  const mounted: Mounted = {
    body,
    host,
    root,
    box,
    sheet,
    sceneName: 'opening',
    show(name, focus) {
      mounted.sceneName = name;
      box.innerHTML = boxHtml(mounted.body, name);
      if (focus) focusFirst(box);
    },
    unmount() {
      // Asked before it is gone: focus is given back only where the widget had it.
      here = root.activeElement !== null || page.activeElement === host;
      page.removeEventListener('keydown', onKey);
      host.remove();
      if (here && before?.isConnected) before.focus();
    },
  };

  function onKey(event: KeyboardEvent): void {
    if (event.key === 'Escape' && !event.defaultPrevented && mayCloseBy(mounted.body, 'escape')) port.close();
  }

  mounted.show('opening');
  (inline ? (place ?? page.body) : page.body).append(host);
  box.addEventListener('submit', (event) => {
    event.preventDefault();
    const form = event.target as HTMLFormElement;
    port.submit(form, form.dataset['e'] ?? '');
  });
  box.addEventListener('click', (event: MouseEvent) => {
    const acted = (event.target as Element).closest<HTMLElement>('[data-act]');
    if (acted?.dataset['act'] === 'close') port.close();
    else if (event.target === box && mayCloseBy(mounted.body, 'backdrop') && outside(box, event))
      port.close();
  });
  if (inline) return mounted;

  if (modal) {
    // The dialog would close itself; who mounts decides, so that what is remembered and what is seen agree.
    box.addEventListener('cancel', (event) => {
      event.preventDefault();
      if (mayCloseBy(mounted.body, 'escape')) port.close();
    });
    (box as HTMLDialogElement).showModal();
  } else {
    box.setAttribute('popover', 'manual');
    box.showPopover();
    if (port.takesFocus) page.addEventListener('keydown', onKey);
  }
  return mounted;
}

/** What stands inside the box: the close button, where there is one, and a scene. */
export function boxHtml({ placement, scenes }: CompiledWidget, name: SceneName): string {
  const close =
    placement.type !== 'inline' && placement.closing.button
      ? '<button type="button" class="close" data-act="close" aria-label="Close">×</button>'
      : '';
  return `${close}<div class="scene" data-scene="${name}">${scenes[name] ?? ''}</div>`;
}

function mayCloseBy({ placement }: CompiledWidget, way: 'escape' | 'backdrop'): boolean {
  return placement.type !== 'inline' && placement.closing[way];
}

// A click on a modal's backdrop arrives at the dialog itself, as does one on its padding.
function outside(box: Element, { clientX, clientY }: MouseEvent): boolean {
  const { left, right, top, bottom } = box.getBoundingClientRect();
  return clientX < left || clientX > right || clientY < top || clientY > bottom;
}

function focusFirst(box: HTMLElement): void {
  const scene = box.querySelector<HTMLElement>('.scene');
  if (!scene) return;
  // The scene itself, so that a screen reader reads on from the top of what is new.
  scene.tabIndex = -1;
  scene.style.outline = 'none';
  scene.focus();
}
