import type { Listener } from './listener.ts';

/** At most one is told in so long, ms: who moves the pointer moves it sixty times a second. */
const apart = 1000;

const signs = ['pointermove', 'pointerdown', 'keydown', 'wheel', 'scroll', 'touchmove'];

/** Whatever shows that somebody is there: the pointer, the keys, the wheel, a finger. */
export const activity: Listener<'activity'> = (page, happened) => {
  const view = page.defaultView as Window;
  let last = -apart;
  const onSign = ({ timeStamp }: Event) => {
    if (timeStamp - last < apart) return;
    last = timeStamp;
    happened({});
  };
  const how = { passive: true, capture: true };
  for (const sign of signs) view.addEventListener(sign, onSign, how);
  return () => {
    for (const sign of signs) view.removeEventListener(sign, onSign, how);
  };
};
