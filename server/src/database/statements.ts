import type { Database, Statement } from 'better-sqlite3';

const prepared = new WeakMap<Database, Map<string, Statement>>();

/** A statement, prepared once a connection: preparing costs more than running (a tenth of a submission's time). */
export function statement(database: Database, sql: string): Statement {
  let known = prepared.get(database);
  if (!known) prepared.set(database, (known = new Map()));
  let found = known.get(sql);
  if (!found) known.set(sql, (found = database.prepare(sql)));
  return found;
}
