import type { Static } from '@sinclair/typebox';
import { holds, type Answers } from '../form/index.js';
import type { ActionSpec, AnyAction } from './action.js';
import { conversation } from './conversation.js';
import { lead } from './lead.js';
import { list } from './list.js';
import { member } from './member.js';
import { notify } from './notify.js';
import { payment } from './payment.js';
import { reply } from './reply.js';
import { sheet } from './sheet.js';
import { tag } from './tag.js';
import { webhook } from './webhook.js';

export type { ActionField, ActionSpec, AnyAction } from './action.js';
export { amountIn } from './amount-in.js';
export { isMailAddress } from './mail-address.js';
export type { MemberDeed } from './member.js';
export { paymentIntervals, type PaymentInterval } from './payment.js';
export { fillWords, namesIn, renamedWord, wordNames } from './words/index.js';

/** Every kind of action. A new one is its file, a line here, and its handler, for which the server's compiler asks. */
export const actionSpecs = [
  notify,
  reply,
  payment,
  member,
  list,
  lead,
  conversation,
  tag,
  sheet,
  webhook,
] as const;

export type Action = Static<(typeof actionSpecs)[number]['schema']>;

/** What is known of an action's kind; `undefined` for one of a newer version, which nobody here knows. */
export const specOfAction = ({ type }: { type: string }): ActionSpec | undefined =>
  (actionSpecs as readonly ActionSpec[]).find((one) => one.type === type);

/** Who is told by an action, as people read it. */
export const toldBy = (action: Action): readonly string[] =>
  specOfAction(action)?.told(action as never) ?? [];

/**
 * Whether an action follows a submission with these answers.
 *
 * @param of the form that was sent, by its element
 */
export const follows = ({ type, when, form }: AnyAction, answers: Answers, of: string): boolean =>
  (form === undefined || form === of) &&
  (when === undefined || holds(when, answers)) &&
  specOfAction({ type })?.agreed?.(answers) !== false;

/** What a delivery of an action is called; of a kind that is not known any more, by its target alone. */
export const deliveryLabel = ({ type, target }: { type: string; target: string }): string =>
  specOfAction({ type })?.delivery(target) ?? target;
