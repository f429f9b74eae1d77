import { touchKey, touchOf, type ElementTouched } from '@sirene/core/behaviour';
import type { Listener } from './listener.ts';

const signs = { click: 'click', hover: 'pointerover', focus: 'focusin' } as const;

/**
 * What happens to elements that some rule names. Clicks, pointers and focus are heard at the top of the page; one observer sees
 * elements that come later, another those that come into view.
 */
export const element: Listener<'element'> = (page, happened, rules) => {
  const view = page.defaultView as Window & typeof globalThis;
  const wanted = rules.flatMap(touchOf).filter(({ selector }) => isSelector(page, selector));
  const told = new Set<string>();
  const stops: (() => void)[] = [];
  const tell = (detail: ElementTouched) => {
    const key = touchKey(detail);
    if (told.has(key)) return;
    told.add(key);
    happened(detail);
  };

  for (const [on, sign] of Object.entries(signs)) {
    const here = wanted.filter((one) => one.on === on);
    if (here.length === 0) continue;
    const heard = ({ target }: Event) => {
      if (target instanceof view.Element) for (const one of here) if (target.closest(one.selector)) tell(one);
    };
    page.addEventListener(sign, heard, { capture: true, passive: true });
    stops.push(() => page.removeEventListener(sign, heard, { capture: true }));
  }

  const seen = wanted.filter(({ on }) => on === 'view');
  if (seen.length > 0) {
    const observer = new view.IntersectionObserver(
      (entries) => {
        for (const { target, isIntersecting, intersectionRatio } of entries)
          for (const one of seen)
            if (isIntersecting && intersectionRatio >= one.share && target.matches(one.selector)) tell(one);
      },
      { threshold: [0, ...seen.map(({ share }) => share)] },
    );
    const known = new WeakSet<Element>();
    const all = seen.map(({ selector }) => selector).join();
    const look = () => {
      for (const one of page.querySelectorAll(all)) {
        if (known.has(one)) continue;
        known.add(one);
        observer.observe(one);
      }
    };
    look();
    let waiting = false;
    const later = new view.MutationObserver(() => {
      // Pages write a lot at once; they are looked through at most once a frame.
      if (waiting) return;
      waiting = true;
      view.requestAnimationFrame(() => {
        waiting = false;
        look();
      });
    });
    later.observe(page.documentElement, { childList: true, subtree: true });
    stops.push(() => {
      observer.disconnect();
      later.disconnect();
    });
  }
  return () => stops.forEach((stop) => stop());
};

function isSelector(page: Document, selector: string): boolean {
  try {
    page.querySelector(selector);
    return true;
  } catch {
    return false;
  }
}
