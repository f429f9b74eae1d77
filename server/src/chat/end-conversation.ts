import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';

const end = `UPDATE conversation SET state = 'closed', closedAt = ?, snoozedUntil = NULL WHERE id = ? AND state <> 'closed'`;

/** Ends a conversation that is going on, or is put off; called inside a transaction. `at` in ms since 1970. */
export function endConversation(database: Database, id: string, at: number): void {
  statement(database, end).run(at, id);
}
