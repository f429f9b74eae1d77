import { valueAt } from '@sirene/core/base/maps';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { Config } from '../config.js';

export const sessionCookie = 'sirene_session';

/** How long a session lasts, ms. */
export const sessionMs = 14 * 86_400_000;

/** The token of a request's session; empty where it has none. */
export const sessionToken = ({ cookies }: FastifyRequest): string => valueAt(cookies, sessionCookie) ?? '';

/** What a browser says of itself, to tell sessions apart. */
export const deviceOf = ({ headers }: FastifyRequest): string => headers['user-agent'] ?? '';

/** Gives a browser its session: out of reach of scripts, and never sent from another site's page. */
export function setSession(reply: FastifyReply, token: string, { origin }: Config): void {
  void reply.setCookie(sessionCookie, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: origin.startsWith('https:'),
    maxAge: sessionMs / 1000,
  });
}
