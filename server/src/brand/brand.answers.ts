import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';
import { compiledAnswer } from '../shared/core-answers.js';

export const lookUse = answer('LookUse', {
  id: Type.String({ description: 'Of the widget.' }),
  name: Type.String(),
  times: Type.Integer({ description: 'How many of its elements use the look.' }),
});

export const brandPreview = answer('BrandPreview', {
  touched: Type.Array(
    Type.Object(
      {
        id: Type.String(),
        name: Type.String(),
        published: Type.Boolean(),
        before: compiledAnswer,
        after: compiledAnswer,
      },
      { additionalProperties: false },
    ),
    { description: 'The widgets that look different.' },
  ),
  uses: Type.Array(
    Type.Object(
      { token: Type.String(), name: Type.String({ description: 'Who refers to it, in words.' }) },
      { additionalProperties: false },
    ),
    { description: 'Tokens that go while a look or a widget still refers to them.' },
  ),
});
