import { placeOf } from '../address.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { texts } from '../schemas.js';
import { listed } from '../../base/measure/listed.js';

export interface PagesCondition {
  type: 'pages';
  /** Paths, such as `/journal/moon`. */
  pages: string[];
}

/** The page is one of those chosen. */
export const pages: ConditionKind<PagesCondition> = {
  ofPage: true,
  compile(condition) {
    const chosen = new Set(condition.pages.map((page) => placeOf(page).path));
    return ({ path }) => chosen.has(path);
  },
};

export const pagesSpec = defineRule({
  type: 'pages',
  label: 'Chosen pages',
  settled: true,
  schema: () => ruleSchema('pages', { pages: texts(100, 300) }),
  create: () => ({ type: 'pages', pages: [] }),
  phrase: ({ pages: chosen }: PagesCondition) =>
    chosen.length > 3
      ? `on ${chosen.length} chosen pages`
      : `on ${listed(chosen, 'or') || '(no page chosen yet)'}`,
  found: ({ path }: PageVisit) => path,
  fields: [{ key: 'pages', label: 'Pages', pages: true }],
});
