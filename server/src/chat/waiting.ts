import type { FastifyReply } from 'fastify';

/** How long an answer is held back, ms: less than proxies give up after. */
export const longestWait = 25_000;

/** Says when whoever asked is no longer there: the answer is over before it was given. */
export function goneOf({ raw }: FastifyReply): AbortSignal {
  const gone = new AbortController();
  raw.once('close', () => gone.abort());
  return gone.signal;
}
