import { Type } from '@sinclair/typebox';
import { ordinal } from '../ordinal.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface PagesTrigger {
  type: 'pages';
  /** How many pages of this visit, the present one included. */
  atLeast: number;
}

/** Fires on the page that is the visitor's so-many-th of this visit, and on those after it. */
export const pages: TriggerKind<PagesTrigger> = {
  fired: ({ atLeast }, { memory }) => memory.pages >= atLeast,
};

export const pagesSpec = defineRule({
  type: 'pages',
  label: 'Page views',
  schema: () => ruleSchema('pages', { atLeast: Type.Integer({ minimum: 1, maximum: 100 }) }),
  create: () => ({ type: 'pages', atLeast: 3 }),
  phrase: ({ atLeast }: PagesTrigger) => `on the ${ordinal(atLeast)} page of a visit or later`,
  found: ({ memory }: PageVisit) => `the ${ordinal(memory.pages)} page`,
  fields: [{ key: 'atLeast', label: 'From page', unit: 'nth', min: 1, max: 100 }],
});
