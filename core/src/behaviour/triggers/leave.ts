import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Fires when the visitor makes to leave: the pointer goes out at the top, or a quick scroll back on touch. */
export const leave: TriggerKind<{ type: 'leave' }> = {
  watches: ['leave'],
  fired: (_, visit) => visit.leaving,
};

export const leaveSpec = {
  type: 'leave',
  label: 'Exit intent',
  schema: () => Type.Object({ type: Type.Literal('leave') }, { additionalProperties: false }),
  create: () => ({ type: 'leave' }),
  phrase: () => 'on exit intent',
  fields: [],
} satisfies RuleSpec;
