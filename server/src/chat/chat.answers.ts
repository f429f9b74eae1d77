import { Type } from '@sinclair/typebox';
import { answer, oneOf } from '../shared/answers.js';
import { conversationStates, type ConversationEntity } from './chat.entity.js';

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
      },
      { additionalProperties: false },
    ),
  ),
};

export const followed = answer('FollowedChat', {
  conversation: Type.Union([Type.String(), Type.Null()]),
  state: oneOf(['none', ...conversationStates]),
  ...batch,
});

export const storedMessage = answer('StoredMessage', { id: Type.String() });

const conversation = {
  id: Type.String(),
  widget: Type.Object({ id: Type.String(), name: Type.String() }, { additionalProperties: false }),
  person: Type.Union([Type.String(), Type.Null()], { description: 'The person, where one is known.' }),
  name: Type.String(),
  email: Type.String(),
  page: Type.String(),
  pageTitle: Type.String(),
  state: oneOf(conversationStates),
  assignee: Type.Union([Type.String(), Type.Null()], { description: 'The member who has taken it on.' }),
  last: Type.Object(
    {
      text: Type.String(),
      from: oneOf(['visitor', 'desk', 'note']),
      at: Type.Integer(),
      seq: Type.Integer(),
    },
    { additionalProperties: false },
  ),
  startedAt: Type.Integer(),
};

export const listedConversation = answer('ListedConversation', conversation);
export const readConversation = answer('Conversation', { ...conversation, ...batch });
export const happened = answer('Happened', {
  count: Type.Integer({
    description: 'How often something has happened; what is sent with the next question.',
  }),
});

export const toldOfConversation = (one: ConversationEntity) => ({
  ...{ id: one.id, person: one.personId, name: one.name, email: one.email, page: one.page },
  widget: { id: one.widgetId, name: one.widgetName },
  ...{ pageTitle: one.pageTitle, state: one.state, assignee: one.assigneeId, startedAt: one.startedAt },
  last: { text: one.lastText, from: one.lastFrom, at: one.lastAt, seq: one.lastSeq },
});
