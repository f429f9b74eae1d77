import { Type } from '@sinclair/typebox';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface BasketTrigger {
  type: 'basket';
  /** Only when it is worth more than this, in the shop's own currency; 0 is any change that leaves something in it. */
  over: number;
}

/** Fires once the basket has changed on this page and is worth more than that. */
export const basket: TriggerKind<BasketTrigger> = {
  fired: ({ over }, { signals: { basketChanged, basketValue } }) => basketChanged && basketValue > over,
};

export const basketSpec = defineRule({
  type: 'basket',
  label: 'Basket change',
  watches: ['basket'],
  schema: () => ruleSchema('basket', { over: Type.Number({ minimum: 0, maximum: 1_000_000 }) }),
  create: () => ({ type: 'basket', over: 0 }),
  phrase: ({ over }: BasketTrigger) =>
    `when the basket changes${over > 0 ? ` and is worth more than ${over}` : ''}`,
  found: ({ signals: { basketValue, basketChanged } }: PageVisit) =>
    `${basketChanged ? 'changed' : 'unchanged'}, worth ${basketValue}`,
  fields: [
    {
      key: 'over',
      label: 'Worth more than',
      unit: '',
      min: 0,
      max: 1_000_000,
      help: 'The page tells it with sirene.basket.set([…]).',
    },
  ],
});
