import type { Type } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import type { ActionHandler } from '../handler.js';
import { ConversationHandler } from './conversation.js';
import { LeadHandler } from './lead.js';
import { ListHandler } from './list.js';
import { MemberHandler } from './member.js';
import { NotifyHandler } from './notify.js';
import { PaymentHandler } from './payment.js';
import { ReplyHandler } from './reply.js';
import { SheetHandler } from './sheet.js';
import { TagHandler } from './tag.js';
import { WebhookHandler } from './webhook.js';

/** How the server does each kind of action; the compiler asks for every kind. */
export const handlerTypes: {
  readonly [T in Action['type']]: Type<ActionHandler<Extract<Action, { type: T }>>>;
} = {
  notify: NotifyHandler,
  reply: ReplyHandler,
  payment: PaymentHandler,
  member: MemberHandler,
  list: ListHandler,
  lead: LeadHandler,
  conversation: ConversationHandler,
  tag: TagHandler,
  sheet: SheetHandler,
  webhook: WebhookHandler,
};

/** The handlers, made, by the type of their action. */
export type Handlers = { readonly [T in Action['type']]: ActionHandler<Extract<Action, { type: T }>> };
