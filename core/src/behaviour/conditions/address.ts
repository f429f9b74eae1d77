import { Type } from '@sinclair/typebox';
import { compilePattern } from '../address.js';
import type { ConditionKind, ConditionSpec } from '../condition.js';

export interface AddressCondition {
  type: 'address';
  include: string[];
  exclude: string[];
}

/** The page's address matches one pattern to include (or there are none) and none to exclude. */
export const address: ConditionKind<AddressCondition> = {
  compile({ include, exclude }) {
    const wanted = include.map(compilePattern);
    const unwanted = exclude.map(compilePattern);
    return (visit) =>
      (wanted.length === 0 || wanted.some((matches) => matches(visit.address))) &&
      !unwanted.some((matches) => matches(visit.address));
  },
};

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
} satisfies ConditionSpec;
