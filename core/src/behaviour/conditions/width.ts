import { Type } from '@sinclair/typebox';
import type { ConditionKind } from '../condition.js';
import type { RuleSpec } from '../rule-spec.js';

export interface WidthCondition {
  type: 'width';
  /** px, both ends counted in. */
  from: number;
  to: number;
}

/** The window is as wide as that. */
export const width: ConditionKind<WidthCondition> = {
  compile:
    ({ from, to }) =>
    (visit) =>
      visit.width >= from && visit.width <= to,
};

const pixels = () => Type.Integer({ minimum: 0, maximum: 20000 });

export const widthSpec = {
  type: 'width',
  label: 'Window width',
  schema: () =>
    Type.Object(
      { type: Type.Literal('width'), from: pixels(), to: pixels() },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'width', from: 0, to: 20000 }),
  phrase: ({ from, to }: WidthCondition) => `with a window ${from} to ${to} px wide`,
  fields: [
    { key: 'from', label: 'From', unit: 'px', min: 0, max: 20000 },
    { key: 'to', label: 'To', unit: 'px', min: 0, max: 20000 },
  ],
} satisfies RuleSpec;
