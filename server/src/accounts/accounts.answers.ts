import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { roles } from './accounts.entity.js';

export const role = oneOf(
  roles,
  'What somebody may do on a site: an owner also invites, removes and archives.',
);

export const session = answer('Session', {
  user: nullable(Type.Object({ name: Type.String(), email: Type.String() }, { additionalProperties: false })),
  demo: Type.Boolean({ description: 'Whether the demo account may be used.' }),
  setUp: Type.Boolean({ description: 'Whether nobody has an account yet.' }),
});

export const ownSession = answer('OwnSession', {
  id: Type.String(),
  createdAt: Type.Integer(),
  device: Type.String(),
  current: Type.Boolean({ description: 'Whether it is the one that asks.' }),
});
