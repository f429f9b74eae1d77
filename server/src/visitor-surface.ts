import { HttpException } from '@nestjs/common';
import ipaddr from 'ipaddr.js';
import rateLimit from '@fastify/rate-limit';
import type { FastifyInstance, FastifyReply, FastifyRequest, RouteOptions } from 'fastify';
import type { Config } from './config.js';

/** Largest body that a visitor's page may send, and that anyone may send without a session, bytes. */
const bodyLimit = 64_000;

const paths = /^\/(c|m|s|t|b|a|p|fonts|embed)[/.]/;

/** What is limited together: one visitor is counted across all routes of a group. */
export type LimitGroup = 'collect' | 'sign-in' | 'read';

/** Puts a route under a limit; for `@RouteConfig` where the route is declared. What visitors fetch is under `read`. */
export const limited = (group: LimitGroup): { limit: LimitGroup } => ({ limit: group });

/**
 * The surface for visitors' pages: what is read from any origin without a cookie, small bodies, own rate limits.
 *
 * What visitors fetch is the same for everyone, so any page may read it; which pages may show a widget is decided by
 * the site's origins, and a page that may not is told why. Call before the plugins that read the routes' settings.
 */
export async function openVisitorSurface(fastify: FastifyInstance, config: Config): Promise<void> {
  await fastify.register(rateLimit, { global: false, keyGenerator: visitorOf, cache: 20_000 });
  const limits = {
    collect: fastify.createRateLimit({ max: config.submissionsPerMinute, timeWindow: 60_000 }),
    'sign-in': fastify.createRateLimit({ max: config.signInsPerMinute, timeWindow: 60_000 }),
    read: fastify.createRateLimit({ max: config.readsPerMinute, timeWindow: 60_000 }),
  };
  fastify.addHook('onRoute', (route: RouteOptions) => {
    if (openPaths.test(route.url)) Object.assign(route, { bodyLimit });
    // A policy for pages says nothing to those who fetch JSON, and writing it costs a twentieth of a submission.
    if (paths.test(route.url)) Object.assign(route, { helmet: false });
  });
  fastify.addHook('onRequest', async (request: FastifyRequest, reply: FastifyReply) => {
    const isVisitors = paths.test(request.url);
    const { limit = isVisitors ? 'read' : undefined } = request.routeOptions.config as { limit?: LimitGroup };
    if (limit) {
      const state = await limits[limit](request);
      if (!state.isAllowed && state.isExceeded) {
        void reply.header('retry-after', state.ttlInSeconds);
        throw new HttpException(
          `Too many requests from this address. Try again in ${state.ttlInSeconds} seconds.`,
          429,
        );
      }
    }
    if (!isVisitors) return;
    void reply
      .header('access-control-allow-origin', '*')
      // By it a page learns what the time is where that counts (embed/src/server-clock.ts).
      .header('access-control-expose-headers', 'Date')
      .header('x-content-type-options', 'nosniff')
      // Pages that load nothing from elsewhere unless it says so (COEP) show widgets too.
      .header('cross-origin-resource-policy', 'cross-origin');
    // What is no picture or video is saved, and drawn by no page of this origin.
    if (/^\/a\/[^?]*\.pdf(\?|$)/.test(request.url)) void reply.header('content-disposition', 'attachment');
    // An upload that is opened by itself is a page of this origin: it may draw, and nothing else.
    if (request.url.startsWith('/a/'))
      void reply.header('content-security-policy', "default-src 'none'; style-src 'unsafe-inline'; sandbox");
  });
  fastify.options('/c/*', (_: FastifyRequest, reply: FastifyReply) => {
    void reply
      .headers({
        'access-control-allow-methods': 'POST',
        'access-control-allow-headers': 'content-type',
        'access-control-max-age': '86400',
      })
      .status(204)
      .send();
  });
}

/** What may be sent to without a session. */
const openPaths = /^\/(c|m|s|t|b|a|p|fonts|embed|api\/session)([/.]|$)/;

/** Who a limit counts: an IPv4 address, or the 64 bits of an IPv6 address that one subscriber has (RFC 6177). */
export function visitorOf({ ip }: Pick<FastifyRequest, 'ip'>): string {
  if (!ip.includes(':') || !ipaddr.isValid(ip)) return ip;
  const address = ipaddr.process(ip);
  if (address.kind() === 'ipv4') return address.toString();
  return (address as ipaddr.IPv6).parts
    .slice(0, 4)
    .map((part) => part.toString(16))
    .join(':');
}
