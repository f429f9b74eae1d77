import { Injectable, Logger } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource, type EntityManager } from 'typeorm';
import { statement } from './statements.js';
import { storageFault } from './storage-fault.js';

/** What of TypeORM's driver is used here beside its public face. */
interface Driver {
  databaseConnection: Database;
  queryRunner?: unknown;
  createDatabaseConnection(): Promise<Database>;
}

/**
 * The process's one connection, and the only place that begins and ends a transaction.
 *
 * SQLite ends a transaction by itself when the disk is full, and TypeORM, which counts on its own, would go on opening
 * savepoints inside one that is never committed: what is said to be kept would be lost. So nothing is counted here. The
 * connection itself is asked before each transaction and after each failure, and where it can't be brought back to
 * "no transaction", another takes its place.
 */
@Injectable()
export class Connection {
  readonly #logger = new Logger('Database');

  constructor(private readonly dataSource: DataSource) {}

  /** The connection itself, for statements that are prepared once and run often. */
  get bare(): Database {
    return this.#driver.databaseConnection;
  }

  /**
   * Runs `work` between BEGIN IMMEDIATE and COMMIT. Resolved after the commit; when anything fails, nothing of it is kept
   * and the connection is as it was before.
   *
   * One at a time: whoever calls waits for the one before.
   *
   * @throws StorageFault when disk, file or lock are at fault; whatever `work` throws
   */
  async transaction<T>(work: (database: Database, manager: EntityManager) => T | Promise<T>): Promise<T> {
    await this.#settle();
    const database = this.bare;
    // TypeORM is told that there is a transaction, so that it begins none of its own.
    const runner = this.dataSource.createQueryRunner() as {
      isTransactionActive: boolean;
      manager: EntityManager;
    };
    try {
      statement(database, 'BEGIN IMMEDIATE').run();
      runner.isTransactionActive = true;
      const result = await work(database, runner.manager);
      if (!database.inTransaction) throw new Error('The transaction was ended before it could be committed.');
      statement(database, 'COMMIT').run();
      return result;
    } catch (error) {
      await this.#settle();
      throw storageFault(error) ?? error;
    } finally {
      runner.isTransactionActive = false;
    }
  }

  get #driver(): Driver {
    return this.dataSource.driver as unknown as Driver;
  }

  /** Brings the connection back to where no transaction is open. */
  async #settle(): Promise<void> {
    const database = this.bare;
    if (database.open && !database.inTransaction) return;
    try {
      statement(database, 'ROLLBACK').run();
    } catch (error) {
      this.#logger.warn(`A transaction could not be rolled back: ${String(error)}`);
    }
    if (!database.open || database.inTransaction) await this.#reopen();
  }

  // The new one first, so that those who read are never without.
  async #reopen(): Promise<void> {
    const driver = this.#driver;
    const old = driver.databaseConnection;
    try {
      driver.databaseConnection = await driver.createDatabaseConnection();
    } catch (error) {
      throw storageFault(error) ?? error;
    }
    // It holds statements of the old connection.
    driver.queryRunner = undefined;
    this.#logger.warn('The database was reopened.');
    try {
      old.close();
    } catch (error) {
      this.#logger.warn(`The old connection could not be closed: ${String(error)}`);
    }
  }
}
