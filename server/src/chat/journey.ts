import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';

/** A page that a visitor has seen since they wrote first. */
export interface Visit {
  page: string;
  title: string;
  /** When they came there, ms since 1970. */
  at: number;
}

/** So many pages of a conversation are kept, the last ones. */
const kept = 50;

const selectVisits = `SELECT page, title, at FROM chat_visit WHERE conversationId = ? ORDER BY number DESC LIMIT ${kept}`;

/** The pages of a visitor, the last first. */
export const journeyOf = (database: Database, conversation: string): Visit[] =>
  statement(database, selectVisits).all(conversation) as Visit[];

/** The page on which a visitor is, as far as is known; `undefined` where nothing is. */
export const lastVisitOf = (database: Database, conversation: string): Visit | undefined =>
  statement(
    database,
    'SELECT page, title, at FROM chat_visit WHERE conversationId = ? ORDER BY number DESC LIMIT 1',
  ).get(conversation) as Visit | undefined;

/** Whether a visitor is on another page than the last that is known. */
export const isElsewhere = (database: Database, conversation: string, page: string): boolean =>
  lastVisitOf(database, conversation)?.page !== page;

/** Writes down that a visitor has come to a page; two who ask at once count once. Called inside a transaction. */
export function visited(database: Database, conversation: string, { page, title, at }: Visit): void {
  if (!isElsewhere(database, conversation, page)) return;
  const { next } = statement(
    database,
    'SELECT coalesce(max(number), 0) + 1 AS next FROM chat_visit WHERE conversationId = ?',
  ).get(conversation) as { next: number };
  statement(
    database,
    'INSERT INTO chat_visit (conversationId, number, page, title, at) VALUES (?, ?, ?, ?, ?)',
  ).run(conversation, next, page, title, at);
  statement(database, 'DELETE FROM chat_visit WHERE conversationId = ? AND number <= ?').run(
    conversation,
    next - kept,
  );
}
