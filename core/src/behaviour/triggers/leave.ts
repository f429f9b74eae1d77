import type { PageVisit } from '../page.js';
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
  // It holds for a moment: what it has opened stays, and says that the moment has passed.
  found: ({ signals }: PageVisit) => (signals.leaving ? 'the visitor leaves' : 'the visitor stays'),
  fields: [],
});
