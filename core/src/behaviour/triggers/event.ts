import { Type } from '@sinclair/typebox';
import type { RuleSpec } from '../rule-spec.js';
import type { TriggerKind } from '../trigger.js';

export interface EventTrigger {
  type: 'event';
  /** As the page tells it by `sirene.track(name)`. */
  name: string;
}

/** Fires once the page has told of an event of that name. */
export const event: TriggerKind<EventTrigger> = {
  watches: ['track'],
  fired: ({ name }, { tracked }) => tracked.includes(name),
};

export const eventSpec = {
  type: 'event',
  label: 'Page event',
  schema: () =>
    Type.Object(
      {
        type: Type.Literal('event'),
        name: Type.String({
          pattern: '^[\\w .:-]{1,80}$',
          description: 'must be 1 to 80 letters, digits, spaces or . : _ -',
        }),
      },
      { additionalProperties: false },
    ),
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
} satisfies RuleSpec;
