import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Fires when the visitor makes to leave: the pointer goes out at the top, or a quick scroll back on touch. */
export const leave: TriggerKind<{ type: 'leave' }> = {
  fired: (_, visit) => visit.signals.leaving,
};

export const leaveSpec = defineRule({
  type: 'leave',
  label: 'Exit intent',
  watches: ['leave'],
  schema: () => ruleSchema('leave', {}),
  create: () => ({ type: 'leave' }),
  phrase: () => 'on exit intent',
  fields: [],
});
