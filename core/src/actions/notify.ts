import { Type } from '@sinclair/typebox';
import { strict } from '../base/schema/index.js';
import type { ActionSpec } from './action.js';
import { mailAddress } from './mail-address.js';

/** Tells people by e-mail of a submission. */
export const notify = {
  type: 'notify',
  label: 'Recipients',
  schema: Type.Object(
    {
      type: Type.Literal('notify'),
      recipients: Type.Array(mailAddress, { maxItems: 20 }),
      subject: Type.String({ minLength: 1, maxLength: 200 }),
    },
    strict,
  ),
  create: (name) => ({ type: 'notify', recipients: [], subject: `New from ${name}`.slice(0, 200) }),
  fields: [
    {
      key: 'recipients',
      label: 'Recipients',
      control: 'addresses',
      help: 'One address per line. Each gets its own e-mail, retried until it is accepted.',
    },
    { key: 'subject', label: 'Subject', control: 'line', max: 200 },
  ],
  told: ({ recipients }: { recipients: string[] }) => recipients,
  delivery: (target) => `Mail to ${target}`,
  phrase: (told) => (told.length > 1 ? 'are notified by e-mail' : 'is notified by e-mail'),
} satisfies ActionSpec;
