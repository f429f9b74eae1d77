import { Readable } from 'node:stream';
import { PayloadTooLargeException } from '@nestjs/common';
import type { FastifyInstance, FastifyRequest } from 'fastify';

const kept = new WeakMap<FastifyRequest, string>();

/** What a request's body was, letter for letter, on a route that keeps it: what is signed is that, not what was read from it. */
export const rawBodyOf = (request: FastifyRequest): string => kept.get(request) ?? '';

/** Keeps the bodies of these routes as they come, beside reading them. */
export function keepRawBodies(
  fastify: FastifyInstance,
  routes: ReadonlySet<string>,
  mostBytes: number,
): void {
  fastify.addHook('preParsing', async (request: FastifyRequest, _reply, payload) => {
    if (!routes.has(request.routeOptions.url ?? '')) return payload;
    const chunks: Buffer[] = [];
    let size = 0;
    for await (const chunk of payload as AsyncIterable<Buffer>) {
      size += chunk.length;
      if (size > mostBytes) throw new PayloadTooLargeException('Request body is too large');
      chunks.push(chunk);
    }
    const body = Buffer.concat(chunks);
    kept.set(request, body.toString('utf8'));
    return Object.assign(Readable.from([body]), { receivedEncodedLength: size });
  });
}
