import { Type } from '@sinclair/typebox';
import { answer, oneOf } from '../shared/answers.js';
import type { SubmissionViewEntity } from './inbox.entity.js';

export const changedSubmissions = answer('ChangedSubmissions', {
  changed: Type.Integer({ description: 'How many of them there were.' }),
});

export const submissionView = answer('SubmissionView', {
  id: Type.String(),
  name: Type.String(),
  filter: Type.Object(
    {
      words: Type.Optional(Type.String()),
      widget: Type.Optional(Type.String()),
      unread: Type.Optional(oneOf(['true'])),
      assignee: Type.Optional(Type.String({ description: 'A member, or `nobody`.' })),
    },
    { additionalProperties: false },
  ),
  columns: Type.Array(Type.String(), { description: 'The fields shown as columns, by their keys.' }),
});

export const toldOfView = ({ id, name, filter, columns }: SubmissionViewEntity) => ({
  id,
  name,
  filter,
  columns,
});
