import { join } from 'node:path';
import type { Database } from 'better-sqlite3';

/** Where the database lies in a data folder. */
export const databaseIn = (data: string): string => join(data, 'sirene.db');

/** Sets up a connection that has just been opened; each of the process's is the same. */
export function prepareDatabase(database: Database): void {
  database.pragma('journal_mode = WAL');
  // What has been acknowledged survives a power cut too; groups make it affordable.
  database.pragma('synchronous = FULL');
  database.pragma('busy_timeout = 5000');
  database.pragma('foreign_keys = ON');
}
