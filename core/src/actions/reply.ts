import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';
import { mailAddress } from './mail-address.js';

/** Answers whoever sent a submission, by the address in its e-mail field. */
export const reply = {
  type: 'reply',
  label: 'Auto-reply',
  byAddress: true,
  schema: actionSchema('reply', {
    subject: Type.String({ minLength: 1, maxLength: 200 }),
    text: Type.String({ minLength: 1, maxLength: 5000 }),
    /** Where answers to it go; the address that mail is sent from where nothing is said. */
    replyTo: Type.Optional(mailAddress),
    /** A day, with a time or without, that goes along as a calendar file; its title where that is not the subject. */
    eventAt: Type.Optional(Type.String({ maxLength: 80 })),
    eventTitle: Type.Optional(Type.String({ maxLength: 200 })),
  }),
  create: (name) => ({
    type: 'reply',
    subject: `Thank you: ${name}`.slice(0, 200),
    text: 'Thank you for writing to {{site.name}}. This is what you sent us:\n\n{{form.answers}}\n\nWe will be in touch.',
  }),
  fields: [
    { key: 'subject', label: 'Subject', control: 'line', max: 200, words: true },
    { key: 'text', label: 'Text', control: 'text', max: 5000, words: true },
    {
      key: 'replyTo',
      label: 'Reply-to address',
      control: 'line',
      max: 254,
      words: false,
      help: 'Where answers to this e-mail arrive.',
    },
    {
      key: 'eventAt',
      label: 'Calendar file for',
      control: 'line',
      max: 80,
      words: true,
      help: 'A date field, and a time field behind it where there is one. Empty: no calendar file.',
    },
    { key: 'eventTitle', label: 'Calendar title', control: 'line', max: 200, words: true },
  ],
  told: () => ['the sender'],
  delivery: (target) => `Reply to ${target}`,
  tried: 'mail',
  phrase: () => 'gets a reply by e-mail',
} satisfies ActionSpec;
