import type { Detail } from '@sirene/core/behaviour';
import type { Listener } from './listener.ts';

/** How long nothing has been scrolled until it is told how deep the visitor is, ms. */
const stillMs = 250;

/**
 * A page without room to scroll is seen whole. Told at the depth that some rule waits for, and where the visitor comes to
 * rest, for explanations: what comes between changes nothing (20 ms a second of scrolling, at a quarter of the speed;
 * bench/page).
 */
export const scroll: Listener<'scroll'> = (page, happened, rules) => {
  const view = page.defaultView as Window;
  const wanted = rules.flatMap((one) => (one.type === 'scroll' && 'share' in one ? [Number(one.share)] : []));
  let deepest = -1;
  let address = page.location.href;
  let timer = 0;
  const shareNow = () => {
    const room = roomOf(page);
    return room > 0 ? Math.min(1, view.scrollY / room) : 1;
  };
  const tell = (share: number) => {
    if (share <= deepest) return;
    deepest = share;
    happened({ share });
  };
  const onScroll = () => {
    if (address !== page.location.href) deepest = -1;
    address = page.location.href;
    const share = shareNow();
    if (wanted.some((one) => deepest < one && one <= share)) tell(share);
    view.clearTimeout(timer);
    timer = view.setTimeout(() => tell(shareNow()), stillMs);
  };
  // Who came to the middle of a page, or scrolled before this was there, is there already.
  if (view.scrollY > 0) onScroll();
  view.addEventListener('scroll', onScroll, { passive: true });
  return () => {
    view.clearTimeout(timer);
    view.removeEventListener('scroll', onScroll);
  };
};

/** Scrolls a page as far as a rehearsal says. */
export const scrollPage = (page: Document, { share }: Detail<'scroll'>): void =>
  page.defaultView?.scrollTo(0, roomOf(page) * share);

/** How far a page can be scrolled, px. */
const roomOf = (page: Document): number =>
  page.documentElement.scrollHeight - (page.defaultView?.innerHeight ?? 0);
