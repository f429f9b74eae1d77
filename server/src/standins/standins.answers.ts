import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

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
  headers: Type.Array(
    Type.Object({ name: Type.String(), value: Type.String() }, { additionalProperties: false }),
  ),
});
