import type { Detail, SignalType } from '@sirene/core/behaviour';
import { Told } from '../told.ts';
import type { Listener } from './listener.ts';

/** Pages may tell the same a thousand times a second; what is so by then is passed on after so long, ms. */
const gatherMs = 50;

/** What a page tells by a function of the API: what has been told last, and its listener. */
export function toldByPage<S extends SignalType, T>(
  read: (value: T) => Detail<S>,
): { told: Told<T>; listener: Listener<S> } {
  const told = new Told<T>();
  return {
    told,
    listener(page, happened) {
      const view = page.defaultView as Window;
      let timer = 0;
      const pass = () => {
        timer = 0;
        happened(read(told.value as T));
      };
      if (told.value !== undefined) pass();
      const unfollow = told.follow(() => {
        timer ||= view.setTimeout(pass, gatherMs);
      });
      return () => {
        view.clearTimeout(timer);
        unfollow();
      };
    },
  };
}
