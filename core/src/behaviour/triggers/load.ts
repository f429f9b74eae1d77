import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Fires as soon as the visitor arrives. */
export const load: TriggerKind<{ type: 'load' }> = { fired: () => true };

export const loadSpec = {
  type: 'load',
  label: 'Page load',
  schema: () => Type.Object({ type: Type.Literal('load') }, { additionalProperties: false }),
  create: () => ({ type: 'load' }),
  phrase: () => 'on page load',
  fields: [],
} satisfies RuleSpec;
