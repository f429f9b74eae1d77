import { Type } from '@sinclair/typebox';
import { oneOf } from '../../base/schema/index.js';
import { around, axis, signalling, type AxisValue } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface BasketCondition {
  type: 'basket';
  /** The sum of its lines in the shop's own currency, or how many items are in it. */
  of: 'value' | 'count';
  /** Both ends counted in. */
  from: number;
  to: number;
}

const most = 1_000_000;
const amount = () => Type.Number({ minimum: 0, maximum: most });
const measured = ({ signals: { basketValue, basketCount } }: PageVisit, of: BasketCondition['of']) =>
  of === 'value' ? basketValue : basketCount;

/** What is in the visitor's basket. */
export const basket: ConditionKind<BasketCondition> = {
  compile:
    ({ of, from, to }) =>
    (visit) => {
      const now = measured(visit, of);
      return now >= from && now <= to;
    },
};

export const basketSpec = defineRule({
  type: 'basket',
  label: 'Basket',
  watches: ['basket'],
  schema: () => ruleSchema('basket', { of: oneOf(['value', 'count']), from: amount(), to: amount() }),
  create: () => ({ type: 'basket', of: 'value', from: 1, to: most }),
  phrase: ({ of, from, to }: BasketCondition) => {
    const unit = of === 'value' ? 'a basket worth ' : '';
    const items = of === 'count' ? ' items in their basket' : '';
    if (to === 0) return 'with an empty basket';
    return `with ${unit}${to >= most ? `${from} or more` : `${from} to ${to}`}${items}`;
  },
  found: (visit: PageVisit, { of }: BasketCondition) =>
    of === 'value'
      ? `a basket worth ${visit.signals.basketValue}`
      : `${visit.signals.basketCount} items in the basket`,
  problems: ({ from, to }: BasketCondition) => (from > to ? [['to', 'must not be less than “From”']] : []),
  axis: ({ of, from, to }: BasketCondition) => {
    const holding = (amounts: readonly number[]) =>
      axis(
        `basket ${of}`,
        amounts,
        (amount) => (of === 'value' ? `a basket worth ${amount}` : `${amount} items in the basket`),
        (visit, amount) => signalling(visit, { [of === 'value' ? 'basketValue' : 'basketCount']: amount }),
      );
    const whole = holding(around([from, to]));
    if (of === 'count') return whole;
    const made = (_: readonly string[], amount = from) =>
      holding([Math.max(amount, 0)]).values[0] as AxisValue;
    return { ...whole, cuts: [from, to], made };
  },
  fields: [
    { key: 'of', label: 'Basket', choice: { value: 'Value', count: 'Number of items' } },
    { key: 'from', label: 'From', unit: '', min: 0, max: most },
    { key: 'to', label: 'To', unit: '', min: 0, max: most },
  ],
});
