import type { ChatAnswers } from '@sirene/core/chat';
import { Type, type TSchema } from '@sinclair/typebox';
import { answer, oneOf } from '../shared/answers.js';
import { chatChannels, conversationStates, type ConversationEntity } from './chat.entity.js';

const strict = { additionalProperties: false };

const file = {
  id: Type.String(),
  name: Type.String(),
  type: Type.String({ description: 'Its media type, read from its content.' }),
  bytes: Type.Integer(),
};

const signs = {
  typing: Type.String({ description: 'Who is writing just now on the other side; empty where nobody is.' }),
  seen: Type.Integer({ description: 'The last message that the other side has seen.' }),
  isHere: Type.Boolean({ description: 'Whether somebody is there on the other side.' }),
};

const batch = {
  after: Type.Integer({ description: 'What is told is all behind this message.' }),
  messages: Type.Array(
    Type.Object(
      {
        seq: Type.Integer({ description: 'Its place in the conversation, from 1.' }),
        id: Type.String(),
        from: oneOf(['visitor', 'desk', 'note']),
        name: Type.String(),
        text: Type.String(),
        at: Type.Integer(),
        file: Type.Union([Type.Object(file, strict), Type.Null()]),
      },
      strict,
    ),
  ),
};

const mark = Type.String({
  description: 'Another whenever something has changed; sent with the next question.',
});

export const followed = answer('FollowedChat', {
  conversation: Type.Union([Type.String(), Type.Null()]),
  state: oneOf(['none', ...conversationStates]),
  desk: oneOf(['here', 'away', 'closed']),
  rating: Type.Union([Type.Integer(), Type.Null()]),
  mark,
  ...signs,
  ...batch,
});

const orNull = (type: TSchema) => Type.Union([type, Type.Null()]);

export const chatReportAnswer = answer('ChatReport', {
  conversations: Type.Integer(),
  answered: Type.Integer(),
  firstAnswer: Type.Unsafe<number | null>(
    orNull(Type.Integer({ description: 'Half waited no longer, ms.' })),
  ),
  longWait: Type.Unsafe<number | null>(
    orNull(Type.Integer({ description: 'Nine of ten waited no longer, ms.' })),
  ),
  length: Type.Unsafe<number | null>(orNull(Type.Integer({ description: 'Half lasted no longer, ms.' }))),
  rated: Type.Integer(),
  rating: Type.Unsafe<number | null>(orNull(Type.Number({ description: 'The mean, 1 to 5.' }))),
});

export const storedMessage = answer('StoredMessage', { id: Type.String() });
export const chatFile = answer('ChatFile', file);
export const madeLead = answer('MadeLead', { lead: Type.String() });

const conversation = {
  id: Type.String(),
  widget: Type.Object({ id: Type.String(), name: Type.String() }, strict),
  person: Type.Union([Type.String(), Type.Null()], { description: 'The person, where one is known.' }),
  name: Type.String(),
  email: Type.String(),
  identity: Type.Union([Type.String(), Type.Null()], {
    description: 'Who they are by a token that the site has signed; null where there is none.',
  }),
  answers: Type.Array(Type.Object({ label: Type.String(), value: Type.String() }, strict)),
  channel: oneOf(chatChannels, 'By which way they write.'),
  page: Type.String(),
  pageTitle: Type.String(),
  state: oneOf(conversationStates),
  assignee: Type.Union([Type.String(), Type.Null()], { description: 'The member who has taken it on.' }),
  group: Type.Union([Type.String(), Type.Null()], { description: 'The group that it was handed to.' }),
  snoozedUntil: Type.Union([Type.Integer(), Type.Null()]),
  rating: Type.Union([Type.Integer(), Type.Null()]),
  ratingText: Type.String(),
  lead: Type.Union([Type.String(), Type.Null()]),
  tags: Type.Array(Type.String()),
  last: Type.Object(
    {
      text: Type.String(),
      from: oneOf(['visitor', 'desk', 'note']),
      at: Type.Integer(),
      seq: Type.Integer(),
    },
    strict,
  ),
  startedAt: Type.Integer(),
};

export const listedConversation = answer('ListedConversation', conversation);
export const readConversation = answer('Conversation', {
  ...conversation,
  journey: Type.Array(
    Type.Object({ page: Type.String(), title: Type.String(), at: Type.Integer() }, strict),
    { description: 'The pages that they have seen since they wrote first, the last first.' },
  ),
  undelivered: Type.Union([Type.String(), Type.Null()], {
    description: 'Why an answer has not gone out yet; null where all have.',
  }),
  ...signs,
  ...batch,
});
export const happened = answer('Happened', {
  count: Type.Integer({
    description: 'How often something has happened; what is sent with the next question.',
  }),
  open: Type.Union([Type.Object({ ...signs, mark }, strict), Type.Null()]),
});

export const toldOfConversation = (one: ConversationEntity) => ({
  ...{ id: one.id, person: one.personId, name: one.name, email: one.email, page: one.page },
  channel: one.channel,
  group: one.groupId,
  tags: JSON.parse(one.tags) as string[],
  widget: { id: one.widgetId, name: one.widgetName },
  answers: JSON.parse(one.answers) as { label: string; value: string }[] satisfies ChatAnswers,
  ...{ pageTitle: one.pageTitle, state: one.state, assignee: one.assigneeId, startedAt: one.startedAt },
  ...{ identity: one.identity, snoozedUntil: one.snoozedUntil, lead: one.leadId },
  ...{ rating: one.rating, ratingText: one.ratingText },
  last: { text: one.lastText, from: one.lastFrom, at: one.lastAt, seq: one.lastSeq },
});

export const identityKind = answer('IdentityKind', {
  algorithm: Type.Union([oneOf(['HS256', 'EdDSA']), Type.Null()], {
    description: 'null where members are not told apart.',
  }),
});
export const madeSecret = answer('MadeSecret', {
  secret: Type.Union([Type.String(), Type.Null()], { description: 'null where none was made.' }),
});

export const deskGroups = answer('DeskGroups', {
  groups: Type.Array(
    Type.Object(
      {
        id: Type.String(),
        name: Type.String(),
        members: Type.Array(Type.String(), { description: 'Members of the site, by their ids.' }),
      },
      strict,
    ),
  ),
});
