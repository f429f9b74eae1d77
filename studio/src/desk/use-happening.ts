import { useEffect, useRef, useState } from 'react';
import { inBackground } from '../shared/background.ts';
import { at, withQuery, type Site } from '../shared/api/index.ts';

/** Before each further try, ms; the last again and again. */
const waits = [1000, 2000, 5000, 10_000];

/**
 * Calls each time that something happens to a conversation of the site, and whenever the line is there again.
 *
 * @returns whether the line is down at the moment
 */
export function useHappening(site: Site, happened: () => void): boolean {
  const [isCut, setCut] = useState(false);
  const call = useRef(happened);
  useEffect(() => {
    call.current = happened;
  });
  useEffect(() => {
    // Ended with the page: a browser has few lines to one server, and a request that nobody reads would hold one.
    const ending = new AbortController();
    const { signal } = ending;
    const address = at('/api/sites/{site}/conversations/happening', { site: site.id });
    const ask = async (since: number | undefined) => {
      const response = await fetch(withQuery(address, { ...(since !== undefined && { since }) }), { signal });
      if (!response.ok) throw new Error(`The server answered ${response.status}`);
      return ((await response.json()) as { count: number }).count;
    };
    const follow = async () => {
      let count: number | undefined;
      for (let failures = 0; !signal.aborted;) {
        count = await ask(count).catch(() => undefined);
        const isTold = count !== undefined;
        if (signal.aborted) return;
        setCut(!isTold);
        if (isTold) failures = 0;
        else await new Promise((done) => setTimeout(done, waits[Math.min(failures++, waits.length - 1)]));
        // After a cut whatever happened meanwhile is asked for at once.
        if (!signal.aborted) call.current();
      }
    };
    inBackground(follow());
    return () => ending.abort();
  }, [site.id]);
  return isCut;
}
