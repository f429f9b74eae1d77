import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Never fires by itself: the page opens the widget, through the script's `open`. */
export const asked: TriggerKind<{ type: 'asked' }> = { fired: () => false };

export const askedSpec = defineRule({
  type: 'asked',
  label: 'Manual (link or script)',
  schema: () => ruleSchema('asked', {}),
  create: () => ({ type: 'asked' }),
  phrase: () => 'when a link or script opens it',
  fields: [],
  openers: true,
});
