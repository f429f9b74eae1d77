import { hang } from '@sirene/embed/parts/anchor';
import { leastTarget, type Drawn } from '@sirene/core/review/check';
import type { CompiledWidget } from '@sirene/core/compile';
import type { SceneName } from '@sirene/core/document/widget';
import { beginsFolded, mount, type Mounted } from '@sirene/embed/mount';

const narrow = 320;
/** The window of an ordinary phone, px. */
const phone = { width: 390, height: 640 };

/**
 * What may be pressed; links in a line of text are spared, and so are marks, whose label is pressed with them, and what is there for
 * programs alone.
 */
const targets = 'button, a:not(.t-text a), select, input:not(.mark, .unseen, [data-trap]), textarea';

const elementOf = (node: Element): string | undefined => node.closest<HTMLElement>('[data-e]')?.dataset['e'];

/** An empty window, 320 px wide, in which widgets are drawn to be measured; nobody sees it. */
export function measuringFrame(page: Document): HTMLIFrameElement {
  const frame = page.createElement('iframe');
  frame.setAttribute('aria-hidden', 'true');
  frame.tabIndex = -1;
  frame.sandbox.add('allow-same-origin');
  frame.style.cssText = `position:fixed;left:-9999px;top:0;width:${narrow}px;height:640px;border:0;visibility:hidden`;
  page.body.append(frame);
  return frame;
}

/** Draws every scene of a widget in a window of 320 px, and says what is too small to press and what does not fit. */
export function measureDrawn(frame: HTMLIFrameElement, body: CompiledWidget): Drawn {
  const page = frame.contentDocument;
  if (!page?.body) return { small: [], wide: [] };
  page.body.replaceChildren();
  page.body.style.margin = '0';
  const port = { base: '', takesFocus: false, hang, close: () => {}, submit: () => {} };
  const place = body.stand === 'inline' ? page.body.appendChild(page.createElement('div')) : null;
  const mounted = mount(page, body, place, port);
  const small = new Map<string, { element: string; width: number; height: number }>();
  const wide = new Set<string>();
  for (const scene of Object.keys(body.scenes) as SceneName[]) {
    mounted.show(scene);
    for (const node of mounted.box.querySelectorAll<HTMLElement>(targets)) {
      const { width, height } = node.getBoundingClientRect();
      const element = elementOf(node);
      if (element && width > 0 && (width < leastTarget || height < leastTarget))
        small.set(element, { element, width, height });
    }
    for (const id of tooWide(mounted.box)) wide.add(id);
  }
  const covers = body.stand === 'inline' ? 0 : coveredBy(mounted, body);
  mounted.unmount(true);
  return { small: [...small.values()], wide: [...wide], covers };
}

/** How much of a phone's window a widget covers as it opens. */
function coveredBy(mounted: Mounted, body: CompiledWidget): number {
  const view = mounted.box.ownerDocument.defaultView;
  if (!view?.frameElement) return 0;
  const frame = view.frameElement as HTMLElement;
  frame.style.width = `${phone.width}px`;
  mounted.show(body.scenes.teaser && beginsFolded(body, view) ? 'teaser' : 'opening');
  const { width, height } = mounted.box.getBoundingClientRect();
  frame.style.width = `${narrow}px`;
  return (Math.min(width, phone.width) * Math.min(height, phone.height)) / (phone.width * phone.height);
}

// The innermost ones: what holds something that is too wide is so for its sake.
function tooWide(box: HTMLElement): string[] {
  const edge = Math.min(narrow, box.getBoundingClientRect().right) + 1;
  const found = [...box.querySelectorAll<HTMLElement>('[data-e]')].filter(
    (node) => node.getBoundingClientRect().right > edge || node.scrollWidth > node.clientWidth + 1,
  );
  return found
    .filter((node) => !found.some((other) => other !== node && node.contains(other)))
    .flatMap((node) => elementOf(node) ?? []);
}
