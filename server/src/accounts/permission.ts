import { SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Reflector } from '@nestjs/core';
import type { FastifyRequest } from 'fastify';
import type { UserEntity } from './accounts.entity.js';

/** A request with who makes it, once that is known. */
export type SignedIn = FastifyRequest & { user?: UserEntity };

const PERMISSION = Symbol('permission');

/** Says who a route lets in. Every route has to: one without lets nobody in, and a test names it. */
export const Permission = (permission: string) => SetMetadata(PERMISSION, permission);

/** Marks what needs no session. */
export const Public = () => Permission('public');

/** Marks what anybody may do who is signed in, since it is about their own account. */
export const AnyAccount = () => Permission('account');

/** What a route, or else its controller, says of who it lets in. */
export const permissionOf = (reflector: Reflector, context: ExecutionContext): string | undefined =>
  reflector.getAllAndOverride<string | undefined>(PERMISSION, [context.getHandler(), context.getClass()]);
