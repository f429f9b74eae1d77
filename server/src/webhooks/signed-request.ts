import type { IncomingHttpHeaders } from 'node:http';
import type { FastifyRequest } from 'fastify';
import { rawBodyOf } from '../shared/raw-body.js';
import type { Message } from './signature.js';

/** What a request says that was signed by whoever sent it, and its signatures (Standard Webhooks). */
export function signedIn(
  headers: IncomingHttpHeaders,
  request: FastifyRequest,
): { message: Message; signatures: string } {
  const header = (name: string) => String(new Map(Object.entries(headers)).get(name) ?? '').slice(0, 1000);
  return {
    message: {
      id: header('webhook-id').slice(0, 100),
      timestamp: Number(header('webhook-timestamp')),
      body: rawBodyOf(request),
    },
    signatures: header('webhook-signature'),
  };
}
