import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { texts } from '../schemas.js';
import { listed } from '../../base/measure/listed.js';

export interface PageTypeCondition {
  type: 'page-type';
  /** Any of them is enough; large and small letters are alike. */
  types: string[];
}

/** The page says that it is one of these, by its structured data or a meta tag. */
export const pageType: ConditionKind<PageTypeCondition> = {
  ofPage: true,
  compile({ types }) {
    const wanted = types.map((one) => one.toLowerCase());
    return (visit) => wanted.some((one) => visit.types.includes(one));
  },
};

export const pageTypeSpec = defineRule({
  type: 'page-type',
  label: 'Page type',
  settled: true,
  schema: () => ruleSchema('page-type', { types: texts(20, 60) }),
  create: () => ({ type: 'page-type', types: ['Article'] }),
  phrase: ({ types }: PageTypeCondition) => `on pages of type ${listed(types, 'or') || '(none chosen)'}`,
  pageWords: ({ types }: PageTypeCondition) => `of type ${listed(types, 'or') || '(none chosen)'}`,
  found: ({ types }: PageVisit) => (types.length > 0 ? listed(types, 'and') : 'a page without a type'),
  fields: [
    {
      key: 'types',
      label: 'Page types',
      list: 60,
      help: 'One per line, as the page says it: JSON-LD @type, og:type, or <meta name="page-type">.',
    },
  ],
});
