import { Type } from '@sinclair/typebox';
import { around, screens } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

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

const widest = 20_000;
const pixels = () => Type.Integer({ minimum: 0, maximum: widest });

export const widthSpec = defineRule({
  type: 'width',
  label: 'Window width',
  settled: true,
  schema: () => ruleSchema('width', { from: pixels(), to: pixels() }),
  create: () => ({ type: 'width', from: 0, to: widest }),
  phrase: ({ from, to }: WidthCondition) =>
    to >= widest
      ? `with a window at least ${from} px wide`
      : from === 0
        ? `with a window at most ${to} px wide`
        : `with a window ${from} to ${to} px wide`,
  found: ({ width: now }: PageVisit) => `${now} px`,
  problems: ({ from, to }: WidthCondition) => (from > to ? [['to', 'must not be less than “From”']] : []),
  axis: ({ from, to }: WidthCondition) => screens(around([from, to])),
  fields: [
    { key: 'from', label: 'From', unit: 'px', min: 0, max: widest },
    { key: 'to', label: 'To', unit: 'px', min: 0, max: widest },
  ],
});
