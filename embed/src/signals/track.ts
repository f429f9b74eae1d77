import { Told } from '../told.ts';
import type { Listener } from './listener.ts';

/** What the page tells by `sirene.track`. */
export const events = new Told<string>();

/** A name that is told again on the same page changes nothing, however often it is. */
export const track: Listener<'track'> = (page, happened) => {
  const seen = new Set<string>();
  let address = page.location.href;
  return events.follow((name) => {
    if (address !== page.location.href) seen.clear();
    address = page.location.href;
    if (seen.has(name)) return;
    seen.add(name);
    happened({ name: name });
  });
};
