import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';

import { testMessengerBehaviours, testPaymentStatuses } from './standins.entity.js';

const common = {
  id: Type.String(),
  sender: Type.String(),
  recipients: Type.Array(Type.String()),
  subject: Type.String(),
  receivedAt: Type.Integer(),
};

export const mail = answer('Mail', common);

export const wholeMail = answer('WholeMail', {
  ...common,
  text: Type.String(),
  html: Type.String({ description: 'The same as HTML; empty where it has none.' }),
  attachments: Type.Array(
    Type.Object(
      {
        name: Type.String(),
        type: Type.String(),
        text: Type.String({ description: 'What it says, where it is a text.' }),
      },
      { additionalProperties: false },
    ),
  ),
  headers: Type.Array(
    Type.Object({ name: Type.String(), value: Type.String() }, { additionalProperties: false }),
  ),
});

export const testWebhooks = answer('TestWebhooks', {
  url: nullable(Type.String({ description: 'Where the receiver listens; null where there is none.' })),
  behaviour: Type.String({ description: 'What it answers: ok, fail, slow or gone.' }),
  calls: Type.Array(
    Type.Object(
      {
        id: Type.String({ description: 'The same for each try of one delivery.' }),
        body: Type.String(),
        genuine: Type.Boolean({ description: 'Whether its signature is the site’s.' }),
        times: Type.Integer({ description: 'How often it came.' }),
        answered: Type.Integer({ description: 'The last answer, as an HTTP status.' }),
        lastAt: Type.Integer(),
      },
      { additionalProperties: false },
    ),
  ),
});

export const testPayments = answer('TestPayments', {
  url: nullable(Type.String({ description: 'Where the service listens; null where there is none.' })),
  sessions: Type.Array(
    Type.Object(
      {
        id: Type.String(),
        description: Type.String(),
        units: Type.Integer({ description: 'In the smallest unit of the currency.' }),
        currency: Type.String(),
        interval: oneOf(['once', 'month'] as const),
        status: oneOf(testPaymentStatuses),
        told: Type.Boolean({ description: 'Whether the site has taken the result.' }),
        at: Type.Integer(),
      },
      { additionalProperties: false },
    ),
  ),
});

export const testMembers = answer('TestMembers', {
  url: nullable(Type.String({ description: 'Where the service listens; null where there is none.' })),
  first: Type.Object(
    { email: Type.String(), password: Type.String() },
    { additionalProperties: false, description: 'A member whom every site has.' },
  ),
  members: Type.Array(
    Type.Object(
      { id: Type.String(), name: Type.String(), email: Type.String(), at: Type.Integer() },
      { additionalProperties: false },
    ),
  ),
});

export const testMessenger = answer('TestMessenger', {
  url: nullable(Type.String({ description: 'Where the service listens; null where there is none.' })),
  link: Type.String({ description: 'The page on which people write.' }),
  webhookUrl: Type.String(),
  domains: Type.Array(Type.String()),
  behaviour: oneOf(testMessengerBehaviours),
  texts: Type.Array(
    Type.Object(
      {
        id: Type.String(),
        name: Type.String({ description: 'Of whoever writes; empty for an answer of the site.' }),
        text: Type.String(),
        told: Type.Boolean({ description: 'Whether it has been taken by the other side.' }),
        at: Type.Integer(),
      },
      { additionalProperties: false },
    ),
  ),
});
