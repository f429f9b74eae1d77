import type { TriggerKind } from '../trigger.js';

/** Never fires by itself: the page or the visitor opens the widget. */
export const byHandKind: TriggerKind<{ type: string }> = { fired: () => false };
