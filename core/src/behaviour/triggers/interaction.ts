import { oneOf } from '../../base/schema/index.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { selectorProblems, selectorText } from '../selector.js';
import { touchKey } from '../signals/element.js';
import type { TriggerKind } from '../trigger.js';

export interface InteractionTrigger {
  type: 'interaction';
  on: 'click' | 'hover' | 'focus';
  /** A CSS selector; any element that it matches, or what stands in it. */
  selector: string;
}

/** Fires once the visitor has clicked, hovered over or focused an element of the page. */
export const interaction: TriggerKind<InteractionTrigger> = {
  fired: (trigger, { signals: { touched } }) => touched.includes(touchKey(trigger)),
};

const words = { click: 'on a click on', hover: 'when the pointer is on', focus: 'when focus is in' };

export const interactionSpec = defineRule({
  type: 'interaction',
  label: 'Click, hover or focus',
  watches: ['element'],
  schema: () =>
    ruleSchema('interaction', { on: oneOf(['click', 'hover', 'focus']), selector: selectorText() }),
  create: () => ({ type: 'interaction', on: 'click', selector: 'main a' }),
  phrase: ({ on, selector }: InteractionTrigger) => `${words[on]} ${selector || '(no element chosen)'}`,
  problems: ({ selector }: InteractionTrigger) => selectorProblems(selector),
  fields: [
    { key: 'on', label: 'Interaction', choice: { click: 'Click', hover: 'Hover', focus: 'Focus' } },
    { key: 'selector', label: 'Element (CSS selector)', selector: true },
  ],
});
