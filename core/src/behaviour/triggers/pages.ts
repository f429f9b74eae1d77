import { Type } from '@sinclair/typebox';
import { ordinal } from '../ordinal.js';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface PagesTrigger {
  type: 'pages';
  /** How many pages of this visit, the present one included. */
  atLeast: number;
}

/** Fires on the page that is the visitor's so-many-th of this visit, and on those after it. */
export const pages: TriggerKind<PagesTrigger> = {
  fired: ({ atLeast }, { pagesSeen }) => pagesSeen >= atLeast,
};

export const pagesSpec = {
  type: 'pages',
  label: 'Page views',
  schema: () =>
    Type.Object(
      { type: Type.Literal('pages'), atLeast: Type.Integer({ minimum: 1, maximum: 100 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'pages', atLeast: 3 }),
  phrase: ({ atLeast }: PagesTrigger) => `on the ${ordinal(atLeast)} page of a visit or later`,
  fields: [{ key: 'atLeast', label: 'From page', unit: 'nth', min: 1, max: 100 }],
} satisfies RuleSpec;
