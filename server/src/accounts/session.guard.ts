import type { IncomingHttpHeaders } from 'node:http';
import {
  createParamDecorator,
  ForbiddenException,
  Injectable,
  NotFoundException,
  UnauthorizedException,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { FastifyInstance, FastifyRequest } from 'fastify';
import { AccountsService } from './accounts.service.js';
import { permissionOf, type SignedIn } from './permission.js';
import { sessionToken } from './session-cookie.js';

/** The signed-in user. */
export const CurrentUser = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<SignedIn>().user,
);

/** Lets only signed-in people in, and only requests that our own pages made. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly accounts: AccountsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const permission = permissionOf(this.reflector, context);
    if (permission?.to === 'everybody') return true;
    // Forgotten, it is nobody's: a test names the route.
    if (permission === undefined) throw new ForbiddenException('This route lets nobody in.');
    const request = context.switchToHttp().getRequest<SignedIn>();
    refuseOtherOrigins(request);
    await signedIn(request, this.accounts);
    return true;
  }
}

/** Finds out who makes a request; asked again for the same request, it is known already. */
async function signedIn(request: SignedIn, accounts: AccountsService): Promise<void> {
  if (request.user) return;
  const user = await accounts.userOf(sessionToken(request));
  if (!user) throw new UnauthorizedException('Please sign in.');
  request.user = user;
}

/** What may be sent without a session: who has none sends little. */
const openPaths = /^\/(c\/|p\/|api\/session(\/|$))/;

/**
 * Turns strangers away before a byte of what they send is read: a body would be taken into memory first, and the guard
 * asked after. Call once the cookies' plugin is registered.
 */
export function refuseStrangersBodies(fastify: FastifyInstance, accounts: AccountsService): void {
  fastify.addHook('onRequest', async (request) => {
    if (request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS') return;
    if (openPaths.test(request.url)) return;
    if (!request.routeOptions.url)
      throw new NotFoundException(`There is nothing at ${request.url.slice(0, 200)}.`);
    await signedIn(request, accounts);
  });
}

/** A page elsewhere can make a browser send our cookie; it can't make it lie about where the request comes from. */
export function refuseOtherOrigins(request: FastifyRequest): void {
  if (request.method === 'GET' || request.method === 'HEAD') return;
  if (!isOwnOrigin(request.headers))
    throw new ForbiddenException('This request came from another site and was refused.');
}

/** Whether the headers of a request say that one of our own pages made it, or no page at all. */
export function isOwnOrigin(headers: IncomingHttpHeaders): boolean {
  const { origin, host } = headers;
  const site = headers['sec-fetch-site'];
  const isForeign = origin !== undefined && (!URL.canParse(origin) || new URL(origin).host !== host);
  return !isForeign && (site === undefined || site === 'same-origin' || site === 'none');
}
