import type { Listener } from './listener.ts';

/** How far up a flick goes, px, and how soon, ms, that is taken for leaving. */
const far = 400;
const soon = 400;

/**
 * The pointer goes out at the top of the window. On touch there is none to go out: a quick flick back up is what comes before
 * leaving.
 */
export const leave: Listener<'leave'> = (page, happened) => {
  const view = page.defaultView as Window;
  const root = page.documentElement;
  const touch = view.matchMedia('(pointer:coarse)').matches;
  let top = view.scrollY;
  let topAt = 0;
  const onScroll = ({ timeStamp }: Event) => {
    if (view.scrollY > top || timeStamp - topAt > soon) [top, topAt] = [view.scrollY, timeStamp];
    else if (top - view.scrollY > far) {
      topAt = 0;
      happened({});
    }
  };
  const onOut = (event: MouseEvent) => {
    if (event.clientY <= 0) happened({});
  };
  if (touch) view.addEventListener('scroll', onScroll, { passive: true });
  root.addEventListener('mouseleave', onOut);
  return () => {
    view.removeEventListener('scroll', onScroll);
    root.removeEventListener('mouseleave', onOut);
  };
};
