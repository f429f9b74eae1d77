import type { Detail } from '@sirene/core/behaviour';
import type { Listener } from './listener.ts';

/** How much deeper than before is told in any case, so that an explanation knows it. */
const stepShare = 0.1;

/**
 * A page without room to scroll is seen whole. Told where it is deeper than before by a tenth, or where some rule waits for
 * that depth: what comes between changes nothing (20 ms a second of scrolling, at a quarter of the speed; bench/page).
 */
export const scroll: Listener<'scroll'> = (page, happened, rules) => {
  const view = page.defaultView as Window;
  const wanted = rules.flatMap((one) => (one.type === 'scroll' && 'share' in one ? [Number(one.share)] : []));
  let deepest = -1;
  let address = page.location.href;
  const onScroll = () => {
    if (address !== page.location.href) deepest = -1;
    address = page.location.href;
    const room = roomOf(page);
    const share = room > 0 ? Math.min(1, view.scrollY / room) : 1;
    const isDue = share >= deepest + stepShare || wanted.some((one) => deepest < one && one <= share);
    if (!isDue) return;
    deepest = share;
    happened({ share });
  };
  // Who came to the middle of a page, or scrolled before this was there, is there already.
  if (view.scrollY > 0) onScroll();
  view.addEventListener('scroll', onScroll, { passive: true });
  return () => view.removeEventListener('scroll', onScroll);
};

/** Scrolls a page as far as a rehearsal says. */
export const scrollPage = (page: Document, { share }: Detail<'scroll'>): void =>
  page.defaultView?.scrollTo(0, roomOf(page) * share);

/** How far a page can be scrolled, px. */
const roomOf = (page: Document): number =>
  page.documentElement.scrollHeight - (page.defaultView?.innerHeight ?? 0);
