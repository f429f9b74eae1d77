import { Type } from '@sinclair/typebox';
import { around, axis, remembering } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { ordinal } from '../ordinal.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface PagesSeenCondition {
  type: 'pages-seen';
  /** At least so many pages in this visit, this one counted in. */
  atLeast: number;
}

/** The visitor has seen so many pages in this visit. */
export const pagesSeen: ConditionKind<PagesSeenCondition> = {
  compile:
    ({ atLeast }) =>
    (visit) =>
      visit.memory.pages >= atLeast,
};

export const pagesSeenSpec = defineRule({
  type: 'pages-seen',
  label: 'Pages seen this visit',
  settled: true,
  schema: () => ruleSchema('pages-seen', { atLeast: Type.Integer({ minimum: 1, maximum: 1000 }) }),
  create: () => ({ type: 'pages-seen', atLeast: 2 }),
  phrase: ({ atLeast }: PagesSeenCondition) => `on their ${ordinal(atLeast)} page or later`,
  found: ({ memory }: PageVisit) => `the ${ordinal(memory.pages)} page`,
  axis: ({ atLeast }: PagesSeenCondition) =>
    axis(
      'pages',
      around([atLeast], 1),
      (pages) => `${ordinal(pages)} page of the visit`,
      (visit, pages) => remembering(visit, { pages }),
    ),
  fields: [{ key: 'atLeast', label: 'From page', unit: 'nth', min: 1, max: 1000 }],
});
