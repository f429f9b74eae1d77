import { Told } from '../told.ts';
import type { Listener } from './listener.ts';
import { addFacts } from './set.ts';

/** What the page tells by `sirene.track`. */
export const events = new Told<string>();

/** Names that are told apart on one page. */
const most = 100;

/**
 * Takes an event of the page's own. Plain values that come with it are facts, named by the event: `paid.sum`.
 *
 * @param name whatever the page handed over; only 1 to 80 characters can be waited for
 */
export function trackEvent(name: unknown, data?: unknown): void {
  if (typeof name !== 'string' || name.length === 0 || name.length > 80) return;
  if (typeof data === 'object' && data !== null)
    addFacts(Object.fromEntries(Object.entries(data).map(([key, value]) => [`${name}.${key}`, value])));
  events.tell(name);
}

/** A name that is told again on the same page changes nothing, however often it is. */
export const track: Listener<'track'> = (page, happened) => {
  const seen = new Set<string>();
  let address = page.location.href;
  return events.follow((name) => {
    if (address !== page.location.href) seen.clear();
    address = page.location.href;
    if (seen.has(name) || seen.size >= most) return;
    seen.add(name);
    happened({ name });
  });
};
