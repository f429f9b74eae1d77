import Sqlite, { type Database, type Statement } from 'better-sqlite3';

/** A fault of disk, file or lock, as SQLite would report it. */
export interface Fault {
  /** The statement that fails, counted from 1 since the fault was set. */
  at: number;
  /** How many fail, from that one on. */
  count?: number;
  code: string;
  /** Whether SQLite ends the transaction by itself, as it may for SQLITE_FULL and SQLITE_IOERR. */
  ends?: boolean;
}

type Method = 'run' | 'get' | 'all';

/** Makes statements of every connection in this process fail on demand: the class sits below TypeORM and our own code. */
export class FailingDriver {
  #fault: Fault | undefined;
  #seen = 0;
  #fired = 0;
  readonly #kept: Record<Method, Statement[Method]>;
  readonly #prototype: Record<Method, unknown>;

  constructor() {
    const probe = new Sqlite(':memory:');
    this.#prototype = Object.getPrototypeOf(probe.prepare('SELECT 1')) as Record<Method, unknown>;
    const { run, get, all } = this.#prototype as Record<Method, Statement[Method]>;
    this.#kept = { run, get, all };
    probe.close();
    const meet = (of: Statement) => this.#meet(of.database);
    for (const method of ['run', 'get', 'all'] as const) {
      const kept = this.#kept[method] as (...values: unknown[]) => unknown;
      this.#prototype[method] = function (this: Statement, ...values: unknown[]) {
        meet(this);
        return kept.apply(this, values);
      };
    }
  }

  /** Sets a fault, or takes it away; returns how many statements the one before it struck. */
  set(fault?: Fault): number {
    const fired = this.#fired;
    [this.#fault, this.#seen, this.#fired] = [fault, 0, 0];
    return fired;
  }

  /** Puts the driver back as it was. */
  restore(): void {
    Object.assign(this.#prototype, this.#kept);
  }

  #meet(database: Database): void {
    const fault = this.#fault;
    if (!fault) return;
    this.#seen++;
    if (this.#seen < fault.at || this.#seen >= fault.at + (fault.count ?? 1)) return;
    this.#fired++;
    if (fault.ends && database.inTransaction) database.exec('ROLLBACK');
    throw new Sqlite.SqliteError('a fault that the test asked for', fault.code);
  }
}
