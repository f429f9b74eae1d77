import { Type } from '@sinclair/typebox';
import type { PageVisit } from '../page.js';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface IdleTrigger {
  type: 'idle';
  seconds: number;
}

/** Fires once the visitor has done nothing on the page for some seconds. */
export const idle: TriggerKind<IdleTrigger> = {
  watches: ['activity'],
  fired: (trigger, visit) => visit.now >= due(trigger, visit),
  dueAt: (trigger, visit) => due(trigger, visit),
};

const due = ({ seconds }: IdleTrigger, { arrivedAt, activeAt }: PageVisit) =>
  Math.max(arrivedAt, activeAt) + seconds * 1000;

export const idleSpec = {
  type: 'idle',
  label: 'Inactivity',
  schema: () =>
    Type.Object(
      { type: Type.Literal('idle'), seconds: Type.Number({ minimum: 1, maximum: 3600 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'idle', seconds: 30 }),
  phrase: ({ seconds }: IdleTrigger) => `after ${seconds} s without activity`,
  fields: [{ key: 'seconds', label: 'After', unit: 's', min: 1, max: 3600 }],
} satisfies RuleSpec;
