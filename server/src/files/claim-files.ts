import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';

const claim = 'UPDATE file SET submissionId = ? WHERE id = ? AND siteId = ? AND submissionId IS NULL';

/** Makes files those of a submission; called inside the transaction that stores it. */
export function claimFiles(
  database: Database,
  siteId: string,
  submissionId: string,
  ids: readonly string[],
): void {
  for (const id of ids) statement(database, claim).run(submissionId, id, siteId);
}
