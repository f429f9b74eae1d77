import { Type } from '@sinclair/typebox';
import type { TriggerKind, TriggerSpec } from '../trigger.js';

/** Never fires by itself: the page opens the widget, through the script's `open`. */
export const asked: TriggerKind<{ type: 'asked' }> = { fired: () => false };

export const askedSpec = {
  type: 'asked',
  label: 'Manual (link or script)',
  schema: () => Type.Object({ type: Type.Literal('asked') }, { additionalProperties: false }),
  create: () => ({ type: 'asked' }),
} satisfies TriggerSpec;
