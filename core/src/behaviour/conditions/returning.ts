import { oneOf } from '../../base/schema/index.js';
import { onVisits } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface ReturningCondition {
  type: 'returning';
  is: 'new' | 'returning';
}

/** The visitor is here for the first time, or has been here before. */
export const returning: ConditionKind<ReturningCondition> = {
  compile:
    ({ is }) =>
    ({ memory }) =>
      memory.visits > 1 === (is === 'returning'),
};

export const returningSpec = defineRule({
  type: 'returning',
  label: 'New or returning',
  settled: true,
  schema: () => ruleSchema('returning', { is: oneOf(['new', 'returning']) }),
  create: () => ({ type: 'returning', is: 'new' }),
  phrase: ({ is }: ReturningCondition) => (is === 'new' ? 'who are new' : 'who return'),
  found: ({ memory }: PageVisit) => (memory.visits > 1 ? 'a returning visitor' : 'a new visitor'),
  axis: () => onVisits([1, 2]),
  fields: [{ key: 'is', label: 'Visitor is', choice: { new: 'New', returning: 'Returning' } }],
});
