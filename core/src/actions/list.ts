import { Type } from '@sinclair/typebox';
import { agreesToList } from '../form/index.js';
import { actionSchema, type ActionSpec } from './action.js';

/** Puts whoever sent a submission on a mailing list, once they have confirmed it by e-mail (double opt-in). */
export const list = {
  type: 'list',
  label: 'Mailing list',
  byAddress: true,
  schema: actionSchema('list', {
    /** The list's name; it is made when the first sender arrives. */
    list: Type.String({ maxLength: 80 }),
    subject: Type.String({ minLength: 1, maxLength: 200 }),
    text: Type.String({ minLength: 1, maxLength: 5000 }),
    /** What is sent to those who have confirmed; nothing where it has no text. */
    welcomeSubject: Type.Optional(Type.String({ maxLength: 200 })),
    welcome: Type.Optional(Type.String({ maxLength: 5000 })),
  }),
  create: (name) => ({
    type: 'list',
    list: name.slice(0, 80),
    subject: `Please confirm: ${name}`.slice(0, 200),
    text: 'You asked {{site.name}} to put this address on a mailing list. Please confirm it. If it was not you, do nothing: you get no further e-mail.',
  }),
  fields: [
    {
      key: 'list',
      label: 'List',
      control: 'named',
      max: 80,
      of: 'lists',
      help: 'By its name, as under People. A list that is not there yet is made.',
    },
    { key: 'subject', label: 'Confirmation subject', control: 'line', max: 200, words: true },
    {
      key: 'text',
      label: 'Confirmation text',
      control: 'text',
      max: 5000,
      words: true,
      help: 'The link to confirm stands below it.',
    },
    { key: 'welcomeSubject', label: 'Welcome subject', control: 'line', max: 200, words: true },
    {
      key: 'welcome',
      label: 'Welcome text',
      control: 'text',
      max: 5000,
      words: true,
      help: 'Sent once confirmed, with a link to unsubscribe. Empty: no welcome.',
    },
  ],
  told: ({ list: name }: { list: string }) => (name.trim() === '' ? [] : ['the sender']),
  delivery: (target) => `Mailing list: ${target}`,
  tried: 'mail',
  agreed: agreesToList,
  phrase: (_, { list: name }: { list: string }) => `joins the mailing list “${name}” once confirmed`,
} satisfies ActionSpec;
