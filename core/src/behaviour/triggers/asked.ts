import { defineRule, ruleSchema } from '../rule-spec.js';

/** The page opens the widget, by a marked element or the script's `open`. */
export const askedSpec = defineRule({
  type: 'asked',
  label: 'Manual (element or script)',
  schema: () => ruleSchema('asked', {}),
  create: () => ({ type: 'asked' }),
  phrase: () => 'when the page opens it',
  fields: [],
  byHand: ['link', 'attribute', 'script'],
});
