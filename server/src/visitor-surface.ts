import { valueAt } from '@sirene/core/maps';
import type { FastifyInstance, FastifyReply, FastifyRequest, RouteOptions } from 'fastify';
import type { Config } from './config.js';

/** Largest body that a visitor's page may send, bytes. */
const bodyLimit = 64_000;

const paths = /^\/(c|m|b|a|p|fonts|embed)[/.]/;

/** Which limit a route is held to; set where the route is declared. */
interface Limit {
  group: string;
  max?: number;
  timeWindow?: number;
  groupId?: string;
}

/**
 * The surface for visitors' pages: what is read from any origin without a cookie, small bodies, own rate limits.
 *
 * What visitors fetch is the same for everyone, so any page may read it; which pages may show a widget is decided by
 * the site's origins, and a page that may not is told why. Call before the plugins that read the routes' settings.
 */
export function openVisitorSurface(fastify: FastifyInstance, config: Config): void {
  const limits: Record<string, number> = {
    collect: config.submissionsPerMinute,
    'sign-in': config.signInsPerMinute,
  };
  fastify.addHook('onRoute', (route: RouteOptions) => {
    const { rateLimit } = (route.config ?? {}) as { rateLimit?: Limit };
    if (rateLimit) {
      const max = valueAt(limits, rateLimit.group) ?? 60;
      Object.assign(rateLimit, { max, timeWindow: 60_000, groupId: rateLimit.group });
    }
    if (!paths.test(route.url)) return;
    // A policy for pages says nothing to those who fetch JSON, and writing it costs a twentieth of a submission.
    Object.assign(route, { helmet: false, bodyLimit });
  });
  fastify.addHook('onRequest', (request: FastifyRequest, reply: FastifyReply, done) => {
    if (paths.test(request.url)) {
      void reply.header('access-control-allow-origin', '*').header('x-content-type-options', 'nosniff');
      // An upload that is opened by itself is a page of this origin: it may draw, and nothing else.
      if (request.url.startsWith('/a/'))
        void reply.header(
          'content-security-policy',
          "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        );
    }
    done();
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
