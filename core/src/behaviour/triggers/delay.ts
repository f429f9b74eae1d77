import { Type } from '@sinclair/typebox';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface DelayTrigger {
  type: 'delay';
  seconds: number;
}

/** Fires some seconds after the visitor arrived on the page. */
export const delay: TriggerKind<DelayTrigger> = {
  fired: (trigger, visit) => visit.now >= due(trigger, visit.arrivedAt),
  dueAt: (trigger, visit) => due(trigger, visit.arrivedAt),
};

const due = ({ seconds }: DelayTrigger, arrivedAt: number) => arrivedAt + seconds * 1000;

export const delaySpec = defineRule({
  type: 'delay',
  label: 'Time on page',
  schema: () => ruleSchema('delay', { seconds: Type.Number({ minimum: 0, maximum: 3600 }) }),
  create: () => ({ type: 'delay', seconds: 8 }),
  phrase: ({ seconds }: DelayTrigger) => `${seconds} s after page load`,
  found: ({ now, arrivedAt }: PageVisit) => `${Math.floor((now - arrivedAt) / 1000)} s`,
  fields: [{ key: 'seconds', label: 'After', unit: 's', min: 0, max: 3600 }],
});
