import { Type } from '@sinclair/typebox';
import { answer, nullable } from '../shared/answers.js';

export const service = answer('Service', {
  url: nullable(Type.String({ description: 'Null where none is set up.' })),
  isTest: Type.Boolean({ description: 'It is the stand-in of this server.' }),
  resultUrl: nullable(
    Type.String({ description: 'Where it has to send its results; null for one that sends none.' }),
  ),
});
