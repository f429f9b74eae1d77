import { SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Reflector } from '@nestjs/core';
import type { FastifyRequest } from 'fastify';
import type { UserEntity } from './accounts.entity.js';

/** A request with who makes it, once that is known. */
export type SignedIn = FastifyRequest & { user?: UserEntity };

const PERMISSION = Symbol('permission');

/** Who a route lets in: everybody, whoever is signed in, or who has a role on the site that it is about. */
export interface Permission {
  to: 'everybody' | 'account' | 'member' | 'owner';
  /** Whether a deleted widget of the site is there too. */
  deleted?: boolean;
}

/** Says who a route lets in. Every route has to: one without lets nobody in, and a test names it. */
export const Permit = (permission: Permission) => SetMetadata(PERMISSION, permission);

/** Marks what needs no session. */
export const Public = () => Permit({ to: 'everybody' });

/** Marks what anybody may do who is signed in, since it is about their own account. */
export const AnyAccount = () => Permit({ to: 'account' });

/** What a route, or else its controller, says of who it lets in. */
export const permissionOf = (reflector: Reflector, context: ExecutionContext): Permission | undefined =>
  reflector.getAllAndOverride<Permission | undefined>(PERMISSION, [context.getHandler(), context.getClass()]);
