import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

export const taken = answer('TakenSubmission', { id: Type.String() });

export const counted = answer('CountedEvents', { counted: Type.Integer() });
