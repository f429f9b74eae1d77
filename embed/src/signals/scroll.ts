import type { Detail } from '@sirene/core/behaviour';
import type { Listener } from './listener.ts';

/** A page without room to scroll is seen whole. Told at most once a frame. */
export const scroll: Listener<'scroll'> = (page, happened) => {
  const view = page.defaultView as Window;
  let waiting = false;
  const tell = () => {
    waiting = false;
    const room = roomOf(page);
    happened({ share: room > 0 ? Math.min(1, view.scrollY / room) : 1 });
  };
  const onScroll = () => {
    if (waiting) return;
    waiting = true;
    view.requestAnimationFrame(tell);
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
