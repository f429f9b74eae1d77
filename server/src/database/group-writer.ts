import { Injectable, Logger } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { storageFault } from './storage-fault.js';
import { Transactions } from './transactions.js';

interface Job {
  write(database: Database): unknown;
  done(result: unknown): void;
  failed(error: unknown): void;
}

/** Most jobs of one transaction; more wait for the next. */
const most = 500;

/**
 * Writes what many requests bring in one transaction. A commit costs a write to disk that has to be waited for
 * (about 1 ms); shared by all requests of the moment it costs each next to nothing, and each is still answered only
 * after its own row is safe.
 */
@Injectable()
export class GroupWriter {
  #jobs: Job[] = [];
  #busy = false;
  readonly #logger = new Logger('GroupWriter');

  constructor(private readonly transactions: Transactions) {}

  /** Resolved with what `write` returns once its transaction has been committed. */
  add<T>(write: (database: Database) => T): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      this.#jobs.push({ write, done: resolve as (result: unknown) => void, failed: reject });
      if (!this.#busy) {
        this.#busy = true;
        // Requests that arrived together are read in this turn of the loop; they join the group.
        setImmediate(() => {
          this.#run().catch((error: unknown) => this.#logger.error(error));
        });
      }
    });
  }

  async #run(): Promise<void> {
    while (this.#jobs.length > 0) {
      const group = this.#jobs.splice(0, most);
      try {
        const results = await this.transactions.writeBare((database) =>
          group.map((job) => job.write(database)),
        );
        group.forEach((job, at) => job.done(results[at]));
      } catch (error) {
        // The disk fails one as it fails all.
        if (group.length === 1 || storageFault(error)) for (const job of group) job.failed(error);
        // One of them is at fault: each gets a transaction of its own, so that the others do not suffer.
        else for (const job of group) await this.#alone(job);
      }
    }
    this.#busy = false;
  }

  async #alone(job: Job): Promise<void> {
    try {
      job.done(await this.transactions.writeBare((database) => job.write(database)));
    } catch (error) {
      job.failed(error);
    }
  }
}
