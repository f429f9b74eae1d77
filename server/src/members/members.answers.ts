import { Type } from '@sinclair/typebox';
import { role } from '../accounts/accounts.answers.js';
import { answer } from '../shared/answers.js';

export const members = answer('Members', {
  members: Type.Array(
    Type.Object(
      { id: Type.String(), name: Type.String(), email: Type.String(), role },
      { additionalProperties: false },
    ),
  ),
  invitations: Type.Array(
    Type.Object(
      { id: Type.String(), role, createdAt: Type.Integer(), expiresAt: Type.Integer() },
      { additionalProperties: false },
    ),
    { description: 'Those that are open.' },
  ),
});

export const newInvitation = answer('NewInvitation', {
  link: Type.String({ description: 'Told this once.' }),
  expiresAt: Type.Integer(),
});

export const invitation = answer('Invitation', {
  site: Type.String({ description: 'The site’s name.' }),
  by: Type.String({ description: 'Who invites.' }),
  role,
});
