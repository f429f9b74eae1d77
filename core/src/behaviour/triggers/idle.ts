import { Type } from '@sinclair/typebox';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface IdleTrigger {
  type: 'idle';
  seconds: number;
}

/** Fires once the visitor has done nothing on the page for some seconds. */
export const idle: TriggerKind<IdleTrigger> = {
  fired: (trigger, visit) => visit.now >= due(trigger, visit),
  dueAt: (trigger, visit) => due(trigger, visit),
};

const due = ({ seconds }: IdleTrigger, { arrivedAt, signals: { activeAt } }: PageVisit) =>
  Math.max(arrivedAt, activeAt) + seconds * 1000;

export const idleSpec = defineRule({
  type: 'idle',
  label: 'Inactivity',
  watches: ['activity'],
  schema: () => ruleSchema('idle', { seconds: Type.Number({ minimum: 1, maximum: 3600 }) }),
  create: () => ({ type: 'idle', seconds: 30 }),
  phrase: ({ seconds }: IdleTrigger) => `after ${seconds} s without activity`,
  fields: [{ key: 'seconds', label: 'After', unit: 's', min: 1, max: 3600 }],
});
