import { Type } from '@sinclair/typebox';
import type { ConditionKind } from '../condition.js';
import { ordinal } from '../ordinal.js';
import type { RuleSpec } from '../rule-spec.js';

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
      visit.pagesSeen >= atLeast,
};

export const pagesSeenSpec = {
  type: 'pages-seen',
  label: 'Pages seen this visit',
  schema: () =>
    Type.Object(
      { type: Type.Literal('pages-seen'), atLeast: Type.Integer({ minimum: 1, maximum: 1000 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'pages-seen', atLeast: 2 }),
  phrase: ({ atLeast }: PagesSeenCondition) => `on their ${ordinal(atLeast)} page or later`,
  fields: [{ key: 'atLeast', label: 'From page', unit: 'nth', min: 1, max: 1000 }],
} satisfies RuleSpec;
