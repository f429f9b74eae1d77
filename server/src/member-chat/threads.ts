import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';

/** One message between two members. */
export interface MemberMessage {
  seq: number;
  id: string;
  byId: string;
  text: string;
  at: number;
  removedAt: number | null;
}

/** One thread as one of the two sees it. */
export interface SeenThread {
  id: string;
  otherId: string;
  otherName: string;
  lastSeq: number;
  lastAt: number;
  lastBy: string;
  lastText: string;
  seen: number;
  /** Whether this one has blocked the other. */
  isBlocked: number;
}

/** Most threads that are listed, and most messages that are told at once. */
const most = 500;

const insertThread = `INSERT INTO member_thread (id, siteId, low, high, lastAt) VALUES (?, ?, ?, ?, ?)
  ON CONFLICT DO NOTHING`;

const insertMessage = `INSERT INTO member_message (threadId, seq, id, byId, text, at)
  SELECT id, lastSeq + 1, @message, @byId, @text, @at FROM member_thread WHERE id = @thread
  ON CONFLICT (threadId, id) DO NOTHING`;

const selectThreads = `SELECT t.id, other.id AS otherId, other.name AS otherName, t.lastSeq, t.lastAt,
    m.byId AS lastBy, CASE WHEN m.removedAt IS NULL THEN m.text ELSE '' END AS lastText,
    CASE WHEN t.low = @me THEN t.lowSeen ELSE t.highSeen END AS seen,
    EXISTS (SELECT 1 FROM member_block WHERE siteId = @site AND byId = @me AND blockedId = other.id) AS isBlocked
  FROM member_thread t
  JOIN chat_member other ON other.siteId = t.siteId AND other.id = CASE WHEN t.low = @me THEN t.high ELSE t.low END
  JOIN member_message m ON m.threadId = t.id AND m.seq = t.lastSeq
  WHERE t.siteId = @site AND (t.low = @me OR t.high = @me)
  ORDER BY t.lastAt DESC, t.id LIMIT ${most}`;

const selectMessages = `SELECT seq, id, byId, CASE WHEN removedAt IS NULL THEN text ELSE '' END AS text, at, removedAt
  FROM member_message WHERE threadId = ? AND seq > ? ORDER BY seq LIMIT ${most}`;

const selectRemoved = `SELECT id FROM member_message WHERE threadId = ? AND seq <= ? AND removedAt IS NOT NULL
  ORDER BY seq DESC LIMIT ${most}`;

const pairOf = (one: string, other: string): [low: string, high: string] =>
  one < other ? [one, other] : [other, one];

/** The thread of two members; `undefined` where they have not written yet. */
export const threadOf = (
  database: Database,
  siteId: string,
  one: string,
  other: string,
): string | undefined =>
  statement(database, 'SELECT id FROM member_thread WHERE siteId = ? AND low = ? AND high = ?')
    .pluck()
    .get(siteId, ...pairOf(one, other)) as string | undefined;

/** Stores what one member writes to another, once; says whether it is new. Called inside a transaction. */
export function writeToMember(
  database: Database,
  siteId: string,
  { from, to, message, text, at }: { from: string; to: string; message: string; text: string; at: number },
): boolean {
  statement(database, insertThread).run(newId('thread'), siteId, ...pairOf(from, to), at);
  const thread = threadOf(database, siteId, from, to);
  const { changes } = statement(database, insertMessage).run({ message, byId: from, text, at, thread });
  if (changes === 0) return false;
  const own = from < to ? 'lowSeen' : 'highSeen';
  statement(
    database,
    `UPDATE member_thread SET lastSeq = lastSeq + 1, lastAt = ?, ${own} = lastSeq + 1 WHERE id = ?`,
  ).run(at, thread);
  return true;
}

/** The threads of a member, that in which something was written last first. */
export const threadsOf = (database: Database, siteId: string, me: string): SeenThread[] =>
  statement(database, selectThreads).all({ site: siteId, me }) as SeenThread[];

/** What was written in a thread behind a message, in order; what was removed has no words any more. */
export const messagesIn = (database: Database, thread: string, after: number): MemberMessage[] =>
  statement(database, selectMessages).all(thread, after) as MemberMessage[];

/** What was removed of a thread up to a message, by the messages' ids: whoever has them drawn takes them away. */
export const removedIn = (database: Database, thread: string, upTo: number): string[] =>
  statement(database, selectRemoved).pluck().all(thread, upTo) as string[];

/** A member has looked at all up to a message; says whether that is new. Called inside a transaction. */
export function lookedAt(
  database: Database,
  thread: string,
  me: string,
  other: string,
  seq: number,
): boolean {
  const own = me < other ? 'lowSeen' : 'highSeen';
  return (
    statement(
      database,
      `UPDATE member_thread SET ${own} = min(?, lastSeq) WHERE id = ? AND ${own} < min(?, lastSeq)`,
    ).run(seq, thread, seq).changes > 0
  );
}

/** Whether either of two has blocked the other. */
export const isBlockedBetween = (database: Database, siteId: string, one: string, other: string): boolean =>
  statement(
    database,
    `SELECT 1 FROM member_block
      WHERE siteId = @siteId AND ((byId = @one AND blockedId = @other) OR (byId = @other AND blockedId = @one))`,
  ).get({ siteId, one, other }) !== undefined;
