import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';
import { mailAddress } from './mail-address.js';

/** Tells people by e-mail of a submission. */
export const notify = {
  type: 'notify',
  label: 'Notification',
  schema: actionSchema('notify', {
    recipients: Type.Array(mailAddress, { maxItems: 20 }),
    subject: Type.String({ minLength: 1, maxLength: 200 }),
    /** What it says; all answers and the page where nothing is said. */
    text: Type.Optional(Type.String({ maxLength: 5000 })),
  }),
  create: (name) => ({ type: 'notify', recipients: [], subject: `New from ${name}`.slice(0, 200) }),
  fields: [
    {
      key: 'recipients',
      label: 'Recipients',
      control: 'addresses',
      help: 'One address per line. Each gets its own e-mail, retried until it is accepted.',
    },
    { key: 'subject', label: 'Subject', control: 'line', max: 200, words: true },
    {
      key: 'text',
      label: 'Text',
      control: 'text',
      max: 5000,
      words: true,
      help: 'Empty: all answers, the page and a link to the submission.',
    },
  ],
  told: ({ recipients }: { recipients: string[] }) => recipients,
  delivery: (target) => `Mail to ${target}`,
  tried: 'mail',
  notifies: true,
  phrase: (told) => (told.length > 1 ? 'are notified by e-mail' : 'is notified by e-mail'),
} satisfies ActionSpec;
