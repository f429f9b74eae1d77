import type { ChatFile, ChatMessage } from '@sirene/core/chat';
import { NotFoundException } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ConversationEntity } from './chat.entity.js';
import type { Whose } from './happenings.js';

// On the bare connection: each message is read by everybody who follows it, and a query by way of entities takes some thirty
// times as long (0.3 ms), which at five hundred messages a second is all that one process has.

type Row = Omit<ChatMessage, 'file'> & { file: string | null };

const selectMessages = (where: string) =>
  `SELECT seq, id, sender AS "from", name, text, at, file FROM chat_message
    WHERE conversationId = ? AND seq > ? ${where} ORDER BY seq`;
const allMessages = selectMessages('');
const toldMessages = selectMessages(`AND sender <> 'note'`);

/** What was said in a conversation behind a message, in order; notes only for the desk. */
export function messagesOf(
  database: Database,
  conversation: string,
  after: number,
  withNotes: boolean,
): (ChatMessage & { file: ChatFile | null })[] {
  const rows = statement(database, withNotes ? allMessages : toldMessages).all(conversation, after) as Row[];
  return rows.map((row) => ({ ...row, file: row.file === null ? null : (JSON.parse(row.file) as ChatFile) }));
}

/** One conversation of a site, where there is such a one. */
export const findConversation = (
  database: Database,
  site: Pick<SiteEntity, 'id'>,
  id: string,
): ConversationEntity | undefined =>
  statement(database, 'SELECT * FROM conversation WHERE id = ? AND siteId = ?').get(id, site.id) as
    ConversationEntity | undefined;

/** One conversation of a site. Refuses one that is not there. */
export function conversationOf(
  database: Database,
  site: Pick<SiteEntity, 'id'>,
  id: string,
): ConversationEntity {
  const found = findConversation(database, site, id);
  if (!found) throw new NotFoundException('There is no such conversation.');
  return found;
}

/** The conversation of a visitor that is going on in a chat, or the last that was. */
export const lastOf = (
  database: Database,
  { siteId, visitor, widgetId }: Whose,
): ConversationEntity | undefined =>
  statement(
    database,
    `SELECT * FROM conversation WHERE siteId = ? AND visitor = ? AND widgetId = ?
      ORDER BY state = 'closed', startedAt DESC, id DESC LIMIT 1`,
  ).get(siteId, visitor, widgetId) as ConversationEntity | undefined;
