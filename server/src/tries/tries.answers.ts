import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

export const tryAnswer = answer('Try', {
  link: Type.String({ description: 'Opens the page with the drafts on it, for who holds it.' }),
  expiresAt: Type.Integer(),
});
