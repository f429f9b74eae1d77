import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';

/** A delivery that is due, and to whom it goes. */
export interface Due {
  id: string;
  target: string;
}

/** So many are looked at together. */
const looked = 400;

// In the order in which it was written. What has not been tried yet is due whatever the clock says, and so is what was
// last tried at a time to come: a clock that was set back holds up nothing.
const selectDue = `SELECT id, target FROM delivery
  WHERE state = 'waiting' AND (attempts = 0 OR dueAt <= @now OR lastAt > @now)
    AND target NOT IN (SELECT value FROM json_each(@full))
  ORDER BY attempts, rowid LIMIT ${looked}`;

/**
 * What is due, looked at some at a time. What was looked at and had no room then is offered again without another look
 * (2 ms with thousands waiting, where a delivery to a quick target takes less).
 */
export class DueDeliveries {
  #seen: Due[] = [];
  /** Targets that were left out of the last look; `null` where it did not see all of the others. */
  #without: ReadonlySet<string> | null = null;

  /** Forgets what it has seen: it is looked anew. */
  forget(): void {
    this.#seen = [];
    this.#without = null;
  }

  /** Whether something may be left that had no room. */
  get isLeft(): boolean {
    return this.#seen.length > 0 || this.#without?.size !== 0;
  }

  /**
   * The next one whose target has room; `undefined` where none has.
   *
   * @param full targets without room: the many of one of them hide nothing of others
   */
  next(database: Database, full: ReadonlySet<string>, now: number): Due | undefined {
    const seen = this.#take(full);
    if (seen || (this.#without && [...this.#without].every((target) => full.has(target)))) return seen;
    const due = statement(database, selectDue).all({ now, full: JSON.stringify([...full]) }) as Due[];
    this.#seen.push(...due);
    this.#without = due.length < looked ? new Set(full) : null;
    return this.#take(full);
  }

  #take(full: ReadonlySet<string>): Due | undefined {
    const at = this.#seen.findIndex(({ target }) => !full.has(target));
    return at < 0 ? undefined : this.#seen.splice(at, 1)[0];
  }
}
