import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';

const strict = { additionalProperties: false };
const member = Type.Object({ id: Type.String(), name: Type.String() }, strict);

export const followedMembers = answer('FollowedMembers', {
  me: member,
  threads: Type.Array(
    Type.Object(
      {
        other: member,
        last: Type.Object(
          {
            text: Type.String({ description: 'Empty where it was removed.' }),
            isMine: Type.Boolean(),
            at: Type.Integer(),
          },
          strict,
        ),
        unread: Type.Integer(),
        isBlocked: Type.Boolean({ description: 'Whether whoever asks has blocked them.' }),
      },
      strict,
    ),
  ),
  after: Type.Integer({ description: 'What is told is all of the open thread behind this message.' }),
  messages: Type.Array(
    Type.Object(
      {
        seq: Type.Integer(),
        id: Type.String(),
        text: Type.String(),
        at: Type.Integer(),
        isMine: Type.Boolean(),
        isRemoved: Type.Boolean(),
      },
      strict,
    ),
  ),
  removed: Type.Array(Type.String(), {
    description: 'Messages of the open thread, up to `after`, that the desk has removed.',
  }),
  mark: Type.String({ description: 'Another whenever something has changed; sent with the next question.' }),
});

export const foundMembers = answer('FoundMembers', { members: Type.Array(member) });

export const memberChat = answer('MemberChat', {
  isOn: Type.Boolean({ description: 'Whether members may write to each other.' }),
  members: Type.Integer({ description: 'How many have been there.' }),
});

export const memberReports = answer('MemberReports', {
  reports: Type.Array(
    Type.Object(
      {
        id: Type.String(),
        reason: Type.String(),
        at: Type.Integer(),
        isSettled: Type.Boolean(),
        by: member,
        about: Type.Object({ id: Type.String(), name: Type.String(), isBarred: Type.Boolean() }, strict),
        messages: Type.Array(
          Type.Object(
            {
              seq: Type.Integer(),
              text: Type.String(),
              at: Type.Integer(),
              isAbout: Type.Boolean({ description: 'Written by the member whom the report is about.' }),
              isRemoved: Type.Boolean(),
            },
            strict,
          ),
        ),
      },
      strict,
    ),
  ),
});
