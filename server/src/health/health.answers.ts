import { Type } from '@sinclair/typebox';
import { answer, oneOf } from '../shared/answers.js';

export const health = answer('Health', {
  status: oneOf(['ok', 'failing']),
  version: Type.String(),
  database: Type.String({ description: '`ok`, or what is wrong with it.' }),
});
