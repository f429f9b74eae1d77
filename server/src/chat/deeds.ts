import { randomBytes } from 'node:crypto';
import type { DeedName } from '@sirene/core/chat/automation';
import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import type { ConversationEntity } from './chat.entity.js';
import { endConversation } from './end-conversation.js';
import { writeMessage } from './write-conversation.js';

/** Most tags of a conversation. */
export const mostTags = 20;

const member = `SELECT user.id FROM user JOIN member ON member.userId = user.id AND member.siteId = @siteId
  WHERE lower(user.email) = @to`;
const assignMember = `UPDATE conversation SET assigneeId = (${member}), groupId = NULL WHERE id = @id AND EXISTS (${member})`;

const group = 'SELECT id FROM desk_group WHERE siteId = @siteId AND lower(name) = @to';
const assignGroup = `UPDATE conversation SET groupId = (${group}), assigneeId = NULL WHERE id = @id AND EXISTS (${group})`;

/** The conversation that something is done to, and when. */
export interface DeedAt {
  conversation: ConversationEntity;
  at: number;
}

/**
 * What automations do, each inside the transaction of what they follow. Returns an address that is to be told, once that is
 * committed.
 */
export const deedsDone: Readonly<
  Record<DeedName, (database: Database, value: string, on: DeedAt) => string | null>
> = {
  say(database, value, { conversation: { id, widgetName }, at }) {
    writeMessage(database, id, {
      ...{ id: randomBytes(16).toString('hex'), sender: 'desk', byId: null, name: widgetName },
      ...{ text: value, at, isAutomatic: true },
    });
    return null;
  },
  tag(database, value, { conversation: { id } }) {
    const known = statement(database, 'SELECT tags FROM conversation WHERE id = ?').pluck().get(id) as string;
    const tags = JSON.parse(known) as string[];
    const isKnown = tags.some((tag) => tag.toLowerCase() === value.trim().toLowerCase());
    if (!isKnown && tags.length < mostTags)
      statement(database, 'UPDATE conversation SET tags = ? WHERE id = ?').run(
        JSON.stringify([...tags, value.trim()]),
        id,
      );
    return null;
  },
  assign(database, value, { conversation: { id, siteId } }) {
    const asked = { id, siteId, to: value.trim().toLowerCase() };
    const { changes } = statement(database, assignMember).run(asked);
    if (changes === 0) statement(database, assignGroup).run(asked);
    return null;
  },
  tell: (_, value) => value.trim(),
  close(database, _, { conversation: { id }, at }) {
    endConversation(database, id, at);
    return null;
  },
};
