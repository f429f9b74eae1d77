import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface ScrollTrigger {
  type: 'scroll';
  /** Share of the page, 0 to 1. */
  share: number;
}

/** Fires when the visitor has scrolled so far. */
export const scroll: TriggerKind<ScrollTrigger> = {
  watches: ['scroll'],
  fired: (trigger, visit) => visit.scrolled >= trigger.share,
};

export const scrollSpec = {
  type: 'scroll',
  label: 'Scroll depth',
  schema: () =>
    Type.Object(
      { type: Type.Literal('scroll'), share: Type.Number({ minimum: 0, maximum: 1 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'scroll', share: 0.5 }),
  phrase: ({ share }: ScrollTrigger) => `at ${Math.round(share * 100)} % scroll depth`,
  fields: [{ key: 'share', label: 'Scroll depth', unit: '%', min: 0, max: 100, share: true }],
} satisfies RuleSpec;
