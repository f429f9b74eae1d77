import { createHash } from 'node:crypto';
import { withoutCards, type ChatAnswers, type ChatFile } from '@sirene/core/chat';
import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import { knownPerson } from '../people/known-person.js';
import { newId } from '../shared/ids.js';
import type { ChatMessageEntity, ConversationEntity } from './chat.entity.js';

/** So much of the last message is shown in the list, in characters. */
const shownOfLast = 200;

const insertConversation = `INSERT INTO conversation
    (id, siteId, widgetId, widgetName, visitor, personId, name, email, page, pageTitle, channel, identity, answers, assigneeId, state, lastSeq, lastText, lastFrom, startedAt, lastAt)
  VALUES (@id, @siteId, @widgetId, @widgetName, @visitor, @personId, @name, @email, @page, @pageTitle, @channel, @identity, @answers, @assigneeId, 'waiting', 0, '', 'visitor', @at, @at)`;

const insertMessage = `INSERT INTO chat_message (conversationId, seq, id, sender, byId, name, text, at, file)
  SELECT @conversation, lastSeq + 1, @id, @sender, @byId, @name, @text, @at, @file FROM conversation WHERE id = @conversation
  ON CONFLICT (conversationId, id) DO NOTHING`;

// A note is nothing that happened between the two: the list goes on showing what was said last.
const countMessage = `UPDATE conversation SET lastSeq = lastSeq + 1,
    lastText = CASE @sender WHEN 'note' THEN lastText ELSE @short END,
    lastFrom = CASE @sender WHEN 'note' THEN lastFrom ELSE @sender END,
    lastAt = CASE @sender WHEN 'note' THEN lastAt ELSE @at END,
    answeredAt = CASE @sender WHEN 'desk' THEN coalesce(answeredAt, @at) ELSE answeredAt END,
    state = CASE @sender WHEN 'desk' THEN 'open' ELSE state END,
    assigneeId = CASE @sender WHEN 'desk' THEN coalesce(assigneeId, @byId) ELSE assigneeId END,
    groupId = CASE @sender WHEN 'desk' THEN NULL ELSE groupId END,
    snoozedUntil = CASE @sender WHEN 'visitor' THEN NULL ELSE snoozedUntil END
  WHERE id = @conversation`;

type Begun = Pick<
  ConversationEntity,
  'siteId' | 'widgetId' | 'widgetName' | 'visitor' | 'name' | 'email' | 'page' | 'pageTitle'
> & {
  identity?: string | null;
  answers?: ChatAnswers;
  assigneeId?: string | null;
  channel?: ConversationEntity['channel'];
};

/** By what a visitor's conversations are found: what their token hashes to. */
export const visitorOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Begins a conversation, of somebody whom the site knows from then on. Called inside a transaction; returns its id. */
export function beginConversation(database: Database, begun: Begun, at: number): string {
  const { siteId, email, name, identity = null, answers = [], assigneeId = null, channel = 'page' } = begun;
  const id = newId('chat');
  const personId = knownPerson(database, { siteId, email, phone: '', name, at });
  statement(database, insertConversation).run({
    ...begun,
    ...{ id, personId, identity, assigneeId, channel, at, answers: JSON.stringify(answers) },
  });
  return id;
}

/** Adds a message to a conversation, once, without numbers of cards; says whether it is new. Called inside a transaction. */
export function writeMessage(
  database: Database,
  conversation: string,
  message: Pick<ChatMessageEntity, 'id' | 'sender' | 'byId' | 'name' | 'text' | 'at'> & {
    file?: ChatFile | null;
    /** Nobody wrote it: the conversation stands as it did. */
    isAutomatic?: boolean;
  },
): boolean {
  const file = message.file ? JSON.stringify(message.file) : null;
  const { isAutomatic = false, ...own } = message;
  const row = { ...own, conversation, text: withoutCards(message.text), file };
  const { changes } = statement(database, insertMessage).run(row);
  if (changes === 0) return false;
  const { sender, byId, at, text } = row;
  statement(database, countMessage).run({
    conversation,
    sender: isAutomatic ? 'note' : sender,
    byId,
    at,
    short: text.slice(0, shownOfLast),
  });
  return true;
}
