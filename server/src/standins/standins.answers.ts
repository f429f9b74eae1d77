import { Type } from '@sinclair/typebox';
import { answer, nullable } from '../shared/answers.js';

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
