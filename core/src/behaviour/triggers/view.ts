import { Type } from '@sinclair/typebox';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { selectorProblems, selectorText } from '../selector.js';
import { touchKey } from '../signals/element.js';
import type { TriggerKind } from '../trigger.js';

export interface ViewTrigger {
  type: 'view';
  /** A CSS selector; any element that it matches is enough. */
  selector: string;
  /** How much of the element, 0 to 1; 0 is its first edge. */
  share: number;
}

/** Fires once so much of an element of the page has been in view. */
export const view: TriggerKind<ViewTrigger> = {
  fired: ({ selector, share }, { signals: { touched } }) =>
    touched.includes(touchKey({ on: 'view', selector, share })),
};

export const viewSpec = defineRule({
  type: 'view',
  label: 'Element in view',
  watches: ['element'],
  schema: () =>
    ruleSchema('view', { selector: selectorText(), share: Type.Number({ minimum: 0, maximum: 1 }) }),
  create: () => ({ type: 'view', selector: 'footer', share: 0.5 }),
  phrase: ({ selector, share }: ViewTrigger) =>
    `when ${share > 0 ? `${Math.round(share * 100)} % of ` : ''}${selector || '(no element chosen)'} is in view`,
  problems: ({ selector }: ViewTrigger) => selectorProblems(selector),
  fields: [
    { key: 'selector', label: 'Element (CSS selector)', selector: true },
    { key: 'share', label: 'Share in view', unit: '%', min: 0, max: 100, share: true },
  ],
});
