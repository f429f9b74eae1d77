import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Fires as soon as the visitor arrives. */
export const load: TriggerKind<{ type: 'load' }> = { fired: () => true };

export const loadSpec = defineRule({
  type: 'load',
  label: 'Page load',
  schema: () => ruleSchema('load', {}),
  create: () => ({ type: 'load' }),
  phrase: () => 'on page load',
  fields: [],
});
