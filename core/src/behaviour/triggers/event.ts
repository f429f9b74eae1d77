import { Type } from '@sinclair/typebox';
import { defineRule, ruleSchema } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface EventTrigger {
  type: 'event';
  /** As the page tells it by `sirene.track(name)`. */
  name: string;
}

/** Fires once the page has told of an event of that name. */
export const event: TriggerKind<EventTrigger> = {
  fired: ({ name }, { signals: { tracked } }) => tracked.includes(name),
};

export const eventSpec = defineRule({
  type: 'event',
  label: 'Page event',
  watches: ['track'],
  schema: () =>
    ruleSchema('event', {
      name: Type.String({
        pattern: '^[\\w .:-]{1,80}$',
        description: 'must be 1 to 80 letters, digits, spaces or . : _ -',
      }),
    }),
  create: () => ({ type: 'event', name: 'added-to-basket' }),
  phrase: ({ name }: EventTrigger) => `on the page’s event “${name}”`,
  fields: [
    {
      key: 'name',
      label: 'Event name',
      text: 80,
      help: "The page tells it with sirene.track('name').",
    },
  ],
});
