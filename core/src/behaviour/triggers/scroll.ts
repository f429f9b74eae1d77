import { Type } from '@sinclair/typebox';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface ScrollTrigger {
  type: 'scroll';
  /** Share of the page, 0 to 1. */
  share: number;
}

/** Fires when the visitor has scrolled so far. */
export const scroll: TriggerKind<ScrollTrigger> = {
  fired: (trigger, visit) => visit.signals.scrolled >= trigger.share,
};

export const scrollSpec = defineRule({
  type: 'scroll',
  label: 'Scroll depth',
  watches: ['scroll'],
  schema: () => ruleSchema('scroll', { share: Type.Number({ minimum: 0, maximum: 1 }) }),
  create: () => ({ type: 'scroll', share: 0.5 }),
  phrase: ({ share }: ScrollTrigger) => `at ${Math.round(share * 100)} % scroll depth`,
  found: ({ signals: { scrolled } }: PageVisit) => `${Math.round(scrolled * 100)} %`,
  fields: [{ key: 'share', label: 'Scroll depth', unit: '%', min: 0, max: 100, share: true }],
});
