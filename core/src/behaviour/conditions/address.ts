import { Type } from '@sinclair/typebox';
import { compilePattern, isPattern, type Place } from '../address.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface AddressCondition {
  type: 'address';
  include: string[];
  exclude: string[];
}

/** The page's address matches one pattern to include (or there are none) and none to exclude. */
export const address: ConditionKind<AddressCondition> = {
  ofPage: true,
  compile({ include, exclude }) {
    const wanted = anyOf(include);
    const unwanted = anyOf(exclude);
    if (!unwanted) return wanted ?? (() => true);
    return (visit) => (!wanted || wanted(visit)) && !unwanted(visit);
  },
};

/** One test for a list of patterns; none for an empty list. A single pattern is tested without a loop. */
function anyOf(list: readonly string[]): ((place: Place) => boolean) | null {
  const tests = list.map(compilePattern);
  const [first] = tests;
  if (!first) return null;
  return tests.length === 1 ? first : (place) => tests.some((matches) => matches(place));
}

const patterns = () => Type.Array(Type.String({ minLength: 1, maxLength: 300 }), { maxItems: 100 });

export const addressSpec = defineRule({
  type: 'address',
  label: 'Pages',
  settled: true,
  schema: () => ruleSchema('address', { include: patterns(), exclude: patterns() }),
  create: () => ({ type: 'address', include: [], exclude: [] }),
  phrase: ({ include, exclude }: AddressCondition) =>
    `on ${include.join(', ') || 'every page'}${exclude.length > 0 ? ` except ${exclude.join(', ')}` : ''}`,
  problems: ({ include, exclude }: AddressCondition) =>
    (['include', 'exclude'] as const).flatMap((key) =>
      ({ include, exclude })[key]
        .filter((pattern) => !isPattern(pattern))
        .map((pattern): [string, string] => [
          key,
          `has “${pattern.slice(0, 60)}”, which starts neither with / nor with https://`,
        ]),
    ),
  found: ({ path }: PageVisit) => path,
  fields: [
    {
      key: 'include',
      label: 'Include',
      list: 300,
      help: 'One per line, such as /journal/*. Empty means every page.',
    },
    { key: 'exclude', label: 'Exclude', list: 300, help: 'Excluded pages never show it.' },
  ],
});
