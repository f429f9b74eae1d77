import { Type } from '@sinclair/typebox';
import { answer, oneOf } from '../shared/answers.js';
import { bridgeSteps } from './bridge-checks.js';

export const checkedStep = answer('CheckedStep', {
  step: oneOf(bridgeSteps),
  works: Type.Boolean(),
  says: Type.String({ description: 'What was found.' }),
  todo: Type.String({ description: 'What to do about it; empty where it works.' }),
});
