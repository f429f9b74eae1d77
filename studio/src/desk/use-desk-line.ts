import { LineSocket, Refused } from '@sirene/embed/chat/socket';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { at, withQuery, type AnswerOf, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { useStable } from '../shared/use-stable.ts';

/** Before each further try, ms; the last again and again. */
const waits = [1000, 2000, 5000, 10_000];

/** So often it is told that somebody is writing, ms. */
const typingMs = 3000;

type Happened = AnswerOf<'/api/sites/{site}/conversations/happening', 'get'>;

/** What the visitor of the open conversation does at the moment. */
export type VisitorSigns = Omit<NonNullable<Happened['open']>, 'mark'>;

/** What a desk asks with: which conversation is open, how much of it was looked at, and whether somebody is there. */
export interface DeskAsks {
  open: string | undefined;
  seen: number;
  away: boolean;
}

export interface DeskLine {
  /** The line is down; it is tried again by itself. */
  isCut: boolean;
  /** Of the open conversation; `null` until it is known. */
  signs: VisitorSigns | null;
  /** Somebody is writing in the open conversation. */
  types(): void;
  /** What was being written has been sent: the next key is told of again. */
  sent(): void;
}

/**
 * Follows a site’s conversations, over a socket or, where the network lets none through, over requests that are answered once
 * something happens. Calls each time that something has happened, and whenever the line is there again.
 */
export function useDeskLine(site: Site, asks: DeskAsks, happened: () => void): DeskLine {
  const [isCut, setCut] = useState(false);
  const [signs, setSigns] = useState<{ of: string | undefined; signs: VisitorSigns | null }>();
  const tell = useStable(happened);
  const asked = useRef(asks);
  const again = useRef<AbortController>(undefined);
  const { open, seen, away } = asks;
  useEffect(() => {
    asked.current = { open, seen, away };
    // What it waits for is another now.
    again.current?.abort();
  }, [open, seen, away]);
  const socket = useMemo(
    () => new LineSocket(`${location.origin}/chat/desk?site=${encodeURIComponent(site.id)}`),
    [site.id],
  );
  useEffect(() => {
    // Ended with the page: a browser has few lines to one server, and a request that nobody reads would hold one.
    const ending = new AbortController();
    const address = at('/api/sites/{site}/conversations/happening', { site: site.id });
    const ask = async (query: Record<string, string | number | boolean>, signal: AbortSignal) => {
      if (!socket.isBlocked)
        try {
          return (await socket.ask('happening', query, signal)) as Happened;
        } catch (error) {
          if (!socket.isBlocked || error instanceof Refused) throw error;
        }
      const response = await fetch(withQuery(address, query), { signal });
      if (!response.ok) throw new Error(`The server answered ${response.status}`);
      return (await response.json()) as Happened;
    };
    const follow = async () => {
      let [since, mark, of] = [undefined, undefined, undefined] as [number?, string?, string?];
      for (let failures = 0; !ending.signal.aborted;) {
        const { open: now, seen: looked, away: isAway } = asked.current;
        if (now !== of) mark = undefined;
        of = now;
        again.current = new AbortController();
        const query = {
          ...(since !== undefined && { since }),
          ...(now !== undefined && { open: now, seen: looked }),
          ...(mark !== undefined && { mark }),
          ...(isAway && { away: true }),
        };
        try {
          const answer = await ask(query, AbortSignal.any([ending.signal, again.current.signal]));
          const isNews = answer.count !== since;
          [since, mark] = [answer.count, answer.open?.mark];
          setSigns({ of: now, signs: answer.open });
          setCut(false);
          failures = 0;
          if (isNews) tell();
        } catch {
          if (ending.signal.aborted) return;
          if (again.current.signal.aborted) continue;
          setCut(true);
          since = undefined;
          await new Promise((done) => setTimeout(done, waits[Math.min(failures++, waits.length - 1)]));
        }
      }
    };
    inBackground(follow());
    return () => {
      ending.abort();
      socket.end();
    };
  }, [site.id, socket, tell]);
  const typedAt = useRef(-Infinity);
  const sent = useCallback(() => {
    typedAt.current = -Infinity;
  }, []);
  const types = useCallback(() => {
    if (open === undefined || performance.now() - typedAt.current < typingMs) return;
    typedAt.current = performance.now();
    const address = at('/api/sites/{site}/conversations/{conversation}/typing', {
      site: site.id,
      conversation: open,
    });
    // Of no weight: what is lost of it is told with the next key.
    (socket.isBlocked ? fetch(address, { method: 'POST' }) : socket.ask('typing', { open })).catch(
      () => undefined,
    );
  }, [open, site.id, socket]);
  return { isCut, signs: signs && signs.of === open ? signs.signs : null, types, sent };
}
