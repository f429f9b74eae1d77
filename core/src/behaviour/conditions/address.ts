import { Type } from '@sinclair/typebox';
import { compilePattern, type Place } from '../address.js';
import type { ConditionKind } from '../condition.js';
import type { RuleSpec } from '../rule-spec.js';

export interface AddressCondition {
  type: 'address';
  include: string[];
  exclude: string[];
}

/** The page's address matches one pattern to include (or there are none) and none to exclude. */
export const address: ConditionKind<AddressCondition> = {
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

export const addressSpec = {
  type: 'address',
  label: 'Pages',
  schema: () =>
    Type.Object(
      { type: Type.Literal('address'), include: patterns(), exclude: patterns() },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'address', include: [], exclude: [] }),
  phrase: ({ include, exclude }: AddressCondition) =>
    `on ${include.join(', ') || 'every page'}${exclude.length > 0 ? ` except ${exclude.join(', ')}` : ''}`,
  // Pages have controls of their own.
  fields: [],
} satisfies RuleSpec;
