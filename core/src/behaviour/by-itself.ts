import { specOf } from './rule-spec.js';
import { triggersOf, type WidgetRules } from './rules.js';
import { triggerSpecs } from './triggers/registry.js';

const byHand = (trigger: { type: string }) => specOf(triggerSpecs, trigger).byHand !== undefined;

/** Whether a link or a script of the page can open a widget. */
export const opensByHand = (rules: Pick<WidgetRules, 'triggers'>): boolean => triggersOf(rules).some(byHand);

/**
 * Whether a widget can appear by itself. Where any trigger will do, one that is not by hand is enough; where all have to
 * fire, one that is by hand keeps it away until the page or the visitor opens it.
 */
export function comesByItself(rules: Pick<WidgetRules, 'triggers'>): boolean {
  const triggers = triggersOf(rules);
  return 'any' in rules.triggers ? !triggers.every(byHand) : !triggers.some(byHand);
}
