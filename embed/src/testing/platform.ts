/** What an observer of a size or of what comes into view was made with, and what it looks at. */
export interface Observed<Entry> {
  tell(entries: Entry[]): void;
  targets: Set<Element>;
}

type Seen = Pick<IntersectionObserverEntry, 'isIntersecting' | 'target'>;

/** The parts of the platform that jsdom does not have, as far as mounting needs them, and what was done with them. */
export interface Platform {
  /** How boxes were shown, in turn. */
  shown: ('popover' | 'modal')[];
  sizes: Observed<never>[];
  views: Observed<Seen>[];
  faces: { family: string; source: string; weight: string; style: string }[];
  /** Whether the visitor asks for less motion. */
  still: boolean;
}

class Sheet {
  text = '';
  // Reads no rules: it is given whole texts.
  cssRules = { length: -1 };
  replaceSync(text: string): void {
    this.text = text;
  }
}

/** Puts stand-ins into the window; call once before the tests of a file. */
export function standIn(): Platform {
  const platform: Platform = { shown: [], sizes: [], views: [], faces: [], still: false };
  const observer = <Entry>(into: Observed<Entry>[]) =>
    class {
      readonly #own: Observed<Entry>;
      constructor(tell: (entries: Entry[]) => void) {
        this.#own = { tell, targets: new Set() };
        into.push(this.#own);
      }
      observe(target: Element): void {
        this.#own.targets.add(target);
      }
      unobserve(target: Element): void {
        this.#own.targets.delete(target);
      }
      disconnect(): void {
        this.#own.targets.clear();
      }
    };
  const { faces } = platform;
  class Face {
    readonly weight: string;
    readonly style: string;
    constructor(
      readonly family: string,
      readonly source: string,
      { weight, style }: { weight: string; style: string },
    ) {
      this.weight = weight;
      this.style = style;
    }
    load = () => Promise.reject(new Error('There is nothing to load'));
  }
  Object.assign(window, {
    CSSStyleSheet: Sheet,
    ResizeObserver: observer(platform.sizes),
    IntersectionObserver: observer(platform.views),
    FontFace: Face,
    matchMedia: () => ({ matches: platform.still }),
  });
  Object.defineProperty(document, 'fonts', {
    value: { add: (face: Face) => faces.push(face), [Symbol.iterator]: () => faces[Symbol.iterator]() },
  });
  Object.assign(HTMLElement.prototype, { showPopover: () => platform.shown.push('popover') });
  Object.assign(HTMLDialogElement.prototype, {
    showModal(this: HTMLDialogElement) {
      platform.shown.push('modal');
      this.setAttribute('open', '');
    },
  });
  return platform;
}

/** A rectangle as an element would report it, px. */
export function stands(element: Element, left: number, top: number, width: number, height: number): void {
  element.getBoundingClientRect = () => new DOMRect(left, top, width, height);
  for (const [name, value] of [
    ['offsetWidth', width],
    ['offsetHeight', height],
  ] as const)
    Object.defineProperty(element, name, { value, configurable: true });
}
