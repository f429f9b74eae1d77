import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';

/** Makes a conversation of a submission: it waits at the desk, and what is answered there goes to the sender by mail. */
export const conversation = {
  type: 'conversation',
  label: 'Conversation',
  byAddress: true,
  schema: actionSchema('conversation', { text: Type.Optional(Type.String({ maxLength: 2000 })) }),
  create: () => ({ type: 'conversation' }),
  fields: [
    {
      key: 'text',
      label: 'First message',
      control: 'text',
      max: 2000,
      words: true,
      help: 'What the desk reads. All answers where it is empty. What is answered there goes to the sender by e-mail.',
    },
  ],
  told: () => ['the sender'],
  delivery: (target) => `Conversation with ${target}`,
  phrase: () => 'waits for an answer at the desk',
} satisfies ActionSpec;
