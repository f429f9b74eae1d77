import { Injectable } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import type { EntityManager } from 'typeorm';
import { Connection } from './connection.js';

/**
 * The one way to write. SQLite has one writer and the process one connection, so two transactions that are open at
 * the same time would be one: writers wait for each other here.
 */
@Injectable()
export class Transactions {
  #last: Promise<unknown> = Promise.resolve();

  constructor(private readonly connection: Connection) {}

  /** Runs `work` in a transaction of its own, after those asked for before it; the bare connection is in it too. */
  write<T>(work: (manager: EntityManager, database: Database) => Promise<T>): Promise<T> {
    return this.#inTurn(() => this.connection.transaction((database, manager) => work(manager, database)));
  }

  /** Runs `work` in one transaction on the bare connection: for the paths where thousands of rows a second arrive. */
  writeBare<T>(work: (database: Database) => T): Promise<T> {
    return this.#inTurn(() => this.connection.transaction(work));
  }

  /** Runs `run`, which has another thread write, while nobody writes here. */
  elsewhere<T>(run: () => Promise<T>): Promise<T> {
    return this.#inTurn(run);
  }

  #inTurn<T>(run: () => Promise<T>): Promise<T> {
    const turn = this.#last.then(run);
    this.#last = turn.catch(() => undefined);
    return turn;
  }
}
