import { Type } from '@sinclair/typebox';
import { answer, nullable } from '../shared/answers.js';

export const webhookKey = answer('WebhookKey', {
  key: Type.String({ description: 'What the site’s webhooks are signed with (Standard Webhooks).' }),
  createdAt: Type.Integer(),
  previousUntil: nullable(
    Type.Integer({ description: 'Until when the key before it signs beside it, ms since 1970.' }),
  ),
});
