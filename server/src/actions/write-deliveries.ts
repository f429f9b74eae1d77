import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';

/** A thing that is to be done, as it is written into the outbox. */
export interface NewDelivery {
  type: string;
  target: string;
  settings: object;
}

const mostRows = 50;

/** One statement for all rows of a submission. */
const insertDeliveries = (rows: number): string =>
  `INSERT INTO delivery (id, siteId, submissionId, type, target, settings, dueAt, state, attempts)
   VALUES ${Array.from({ length: rows }, () => "(?, ?, ?, ?, ?, ?, ?, 'waiting', 0)").join(', ')}`;

/** Writes into the outbox what is to follow a submission; called inside the transaction in which that becomes certain. */
export function writeDeliveries(
  database: Database,
  { siteId, submissionId }: { siteId: string; submissionId: string },
  deliveries: readonly NewDelivery[],
  now: number,
): void {
  for (let from = 0; from < deliveries.length; from += mostRows) {
    const rows = deliveries
      .slice(from, from + mostRows)
      .map(({ type, target, settings }) => [
        newId('d'),
        siteId,
        submissionId,
        type,
        target,
        JSON.stringify(settings),
        now,
      ]);
    statement(database, insertDeliveries(rows.length)).run(...rows.flat());
  }
}
