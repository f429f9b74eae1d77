import type { Session } from '@sirene/core/behaviour';

/** Turns what happens on a page into the machine's events. */
export function listen(page: Document, session: Session): void {
  const view = page.defaultView as Window;
  const root = page.documentElement;
  const touch = view.matchMedia('(pointer:coarse)').matches;
  let top = view.scrollY;
  let topAt = 0;
  let waiting = false;

  const onScroll = () => {
    waiting = false;
    const room = root.scrollHeight - view.innerHeight;
    session.send({ type: 'scroll', share: room > 0 ? Math.min(1, view.scrollY / room) : 1 });
  };

  view.addEventListener(
    'scroll',
    ({ timeStamp }) => {
      // On touch there is no pointer to go out at the top; a quick flick back up is what comes before leaving.
      if (view.scrollY > top || timeStamp - topAt > 400) [top, topAt] = [view.scrollY, timeStamp];
      else if (touch && top - view.scrollY > 400) {
        topAt = 0;
        session.send({ type: 'leave' });
      }
      if (!waiting) {
        waiting = true;
        view.requestAnimationFrame(onScroll);
      }
    },
    { passive: true },
  );
  root.addEventListener('mouseleave', (event) => {
    if (event.clientY <= 0) session.send({ type: 'leave' });
  });
}

/** Tells the machine of the page the visitor is on. */
export function arrive(page: Document, session: Session, address: string): void {
  const markers = [...page.querySelectorAll<HTMLElement>('[data-sirene]')].map(
    (place) => place.dataset['sirene'] as string,
  );
  session.send({ type: 'arrive', address, width: page.documentElement.clientWidth, markers });
}
