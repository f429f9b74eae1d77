import { longestMessage } from '@sirene/core/chat';
import { Type, type Static } from '@sinclair/typebox';
import { Value } from '@sinclair/typebox/value';

const id = Type.String({ minLength: 1, maxLength: 100 });

const test = Type.Object({ type: Type.Literal('channel.test') });

const message = Type.Object({
  type: Type.Literal('message.received'),
  data: Type.Object({
    id,
    from: Type.Object({ id, name: Type.String({ maxLength: 200 }) }),
    text: Type.String({ maxLength: 100_000 }),
    /** What the link carried by which they came: the chat of a site. */
    ref: Type.Optional(Type.String({ maxLength: 100 })),
    /** The page from which they came. */
    page: Type.Optional(Type.String({ maxLength: 2048 })),
  }),
});

/** What a messenger tells: that somebody has written, or that a test is made. */
export type MessengerEvent = Static<typeof test> | Static<typeof message>;

/** What was told; in words why it can't be taken where it is nothing of that kind. */
export function eventOf(body: string): MessengerEvent | string {
  let told: unknown;
  try {
    told = JSON.parse(body);
  } catch {
    return 'The body must be JSON.';
  }
  if (Value.Check(test, told)) return told;
  const [fault] = [...Value.Errors(message, told)];
  if (fault) return `${fault.path.slice(1).replaceAll('/', '.') || 'body'}: ${fault.message}`;
  const event = told as Static<typeof message>;
  const text = event.data.text.trim().slice(0, longestMessage);
  return text === '' ? 'data.text: is empty' : { ...event, data: { ...event.data, text } };
}
