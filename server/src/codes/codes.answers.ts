import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

export const codePool = answer('CodePool', {
  pool: Type.String(),
  total: Type.Integer(),
  given: Type.Integer(),
});

export const addedCodes = answer('AddedCodes', { added: Type.Integer(), total: Type.Integer() });

export const signedStart = answer('SignedStart', {
  start: Type.String({ description: 'To be sent with the wish for a code.' }),
  at: Type.Integer(),
});

export const givenCode = answer('GivenCode', { code: Type.String() });
