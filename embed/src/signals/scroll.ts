import type { Detail } from '@sirene/core/behaviour';
import type { Listener } from './listener.ts';

/** How often it is looked how deep a visitor is who scrolls, ms. */
const oftenMs = 250;

/**
 * A page without room to scroll is seen whole. Told when a depth has been passed that some rule waits for, and where the
 * visitor comes to rest, for explanations: what comes between changes nothing. Looked at now and then, not at each of the
 * events: a listener that is called for all of them, and a timer that each sets back, take 20 ms a second of scrolling at
 * a quarter of the speed (bench/page).
 */
export const scroll: Listener<'scroll'> = (page, happened, rules) => {
  const view = page.defaultView as Window;
  const wanted = rules.flatMap((one) => (one.type === 'scroll' && 'share' in one ? [Number(one.share)] : []));
  let deepest = -1;
  let address = page.location.href;
  let top = 0;
  let timer = 0;
  const tell = (share: number) => {
    if (share <= deepest) return;
    deepest = share;
    happened({ share });
  };
  const wait = () => view.addEventListener('scroll', look, { passive: true, once: true });
  const look = () => {
    if (address !== page.location.href) deepest = -1;
    address = page.location.href;
    const room = roomOf(page);
    const share = room > 0 ? Math.min(1, view.scrollY / room) : 1;
    const rests = view.scrollY === top;
    top = view.scrollY;
    if (rests || wanted.some((one) => deepest < one && one <= share)) tell(share);
    if (rests) wait();
    else timer = view.setTimeout(look, oftenMs);
  };
  // Who came to the middle of a page, or scrolled before this was there, is there already.
  if (view.scrollY > 0) look();
  else wait();
  return () => {
    view.clearTimeout(timer);
    view.removeEventListener('scroll', look);
  };
};

/** Scrolls a page as far as a rehearsal says. */
export const scrollPage = (page: Document, { share }: Detail<'scroll'>): void =>
  page.defaultView?.scrollTo(0, roomOf(page) * share);

/** How far a page can be scrolled, px. */
const roomOf = (page: Document): number =>
  page.documentElement.scrollHeight - (page.defaultView?.innerHeight ?? 0);
