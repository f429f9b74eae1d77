import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

export const takenSubmission = answer('TakenSubmission', {
  id: Type.String(),
  next: Type.Optional(
    Type.String({ description: 'The page that the visitor goes on to, such as that of a payment service.' }),
  ),
  member: Type.Optional(
    Type.Object(
      { id: Type.String(), name: Type.String() },
      { additionalProperties: false, description: 'As whom the page now knows the visitor.' },
    ),
  ),
});

export const taken = answer('TakenFile', { id: Type.String() });

export const counted = answer('CountedEvents', { counted: Type.Integer() });
