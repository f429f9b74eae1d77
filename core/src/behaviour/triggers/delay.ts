import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
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

export const delaySpec = {
  type: 'delay',
  label: 'Time on page',
  schema: () =>
    Type.Object(
      { type: Type.Literal('delay'), seconds: Type.Number({ minimum: 0, maximum: 3600 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'delay', seconds: 8 }),
  phrase: ({ seconds }: DelayTrigger) => `${seconds} s after page load`,
  fields: [{ key: 'seconds', label: 'After', unit: 's', min: 0, max: 3600 }],
} satisfies RuleSpec;
