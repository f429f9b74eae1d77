import { Type } from '@sinclair/typebox';
import { around, onVisits } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import { ordinal } from '../ordinal.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface VisitsCondition {
  type: 'visits';
  /** Which visit it is, this one counted in; both ends counted in. */
  from: number;
  to: number;
}

const most = 1000;

/** It is the visitor's so-many-th visit. */
export const visits: ConditionKind<VisitsCondition> = {
  compile:
    ({ from, to }) =>
    ({ memory }) =>
      memory.visits >= from && memory.visits <= to,
};

const count = () => Type.Integer({ minimum: 1, maximum: most });

export const visitsSpec = defineRule({
  type: 'visits',
  label: 'Visits',
  settled: true,
  schema: () => ruleSchema('visits', { from: count(), to: count() }),
  create: () => ({ type: 'visits', from: 2, to: most }),
  phrase: ({ from, to }: VisitsCondition) =>
    from === to
      ? `on their ${ordinal(from)} visit`
      : to >= most
        ? `on their ${ordinal(from)} visit or later`
        : `on their ${ordinal(from)} to ${ordinal(to)} visit`,
  found: ({ memory }: PageVisit) => `the ${ordinal(memory.visits)} visit`,
  problems: ({ from, to }: VisitsCondition) =>
    from > to ? [['to', 'must not be less than “From visit”']] : [],
  axis: ({ from, to }: VisitsCondition) => onVisits(around([from, to], 1)),
  fields: [
    { key: 'from', label: 'From visit', unit: 'nth', min: 1, max: most },
    { key: 'to', label: 'To visit', unit: 'nth', min: 1, max: most },
  ],
});
