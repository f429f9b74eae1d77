import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

/** Never fires by itself: the page opens the widget, through the script's `open`. */
export const asked: TriggerKind<{ type: 'asked' }> = { fired: () => false };

export const askedSpec = {
  type: 'asked',
  label: 'Manual (link or script)',
  schema: () => Type.Object({ type: Type.Literal('asked') }, { additionalProperties: false }),
  create: () => ({ type: 'asked' }),
  phrase: () => 'when a link or script opens it',
  fields: [],
  openers: true,
} satisfies RuleSpec;
