import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Never fires by itself: the page opens the widget, by a marked element or the script's `open`. */
export const asked: TriggerKind<{ type: 'asked' }> = { fired: () => false };

export const askedSpec = defineRule({
  type: 'asked',
  label: 'Manual (element or script)',
  schema: () => ruleSchema('asked', {}),
  create: () => ({ type: 'asked' }),
  phrase: () => 'when the page opens it',
  fields: [],
  byHand: ['link', 'attribute', 'script'],
});
