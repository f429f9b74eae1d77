import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

export const takenSubmission = answer('TakenSubmission', {
  id: Type.String(),
  next: Type.Optional(
    Type.String({ description: 'The page that the visitor goes on to, such as that of a payment service.' }),
  ),
});

export const taken = answer('TakenFile', { id: Type.String() });

export const counted = answer('CountedEvents', { counted: Type.Integer() });
