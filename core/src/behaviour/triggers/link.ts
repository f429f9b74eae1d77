import { defineRule, ruleSchema } from '../rule-spec.js';

/**
 * The visitor follows a link whose fragment is the widget's address name, or arrives by one. The page's script opens the
 * widget then, whatever else its rules say (embed/openers.ts).
 */
export const linkSpec = defineRule({
  type: 'link',
  label: 'Link with the widget’s anchor',
  schema: () => ruleSchema('link', {}),
  create: () => ({ type: 'link' }),
  phrase: () => 'when a link to it is followed',
  fields: [],
  byHand: ['link'],
});
