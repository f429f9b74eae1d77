import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import type { Written } from './serve-writes.js';
import { StorageFault, storageFault } from './storage-fault.js';
import type { Transactions } from './transactions.js';

interface Waiting<J, R> {
  job: J;
  done(result: R): void;
  failed(error: unknown): void;
}

/** Most jobs of one transaction; more wait for the next. */
const most = 500;

/**
 * A thread of its own that writes what many requests bring, in one transaction for all that came together: meanwhile this one
 * reads and answers others (half of the time of a submission is its statements and the disk, bench/submissions). SQLite has one
 * writer, so that while the thread writes, nobody else does.
 *
 * It starts with the first job, and anew after it has failed.
 */
export class WriteThread<J, R> {
  readonly #waiting: Waiting<J, R>[] = [];
  #worker: Worker | undefined;
  #running: Promise<void> | undefined;

  /**
   * @param script what the thread runs: it calls `serveWrites`
   * @param file the database
   */
  constructor(
    private readonly transactions: Transactions,
    private readonly script: URL,
    private readonly file: string,
  ) {}

  /** Resolved with what the thread returns for a job once its transaction has been committed. */
  add(job: J): Promise<R> {
    return new Promise<R>((done, failed) => {
      this.#waiting.push({ job, done, failed });
      this.#running ??= this.#run();
    });
  }

  /** Ends the thread once all that waits has been written. */
  async end(): Promise<void> {
    await this.#running;
    const worker = this.#worker;
    if (!worker) return;
    const ended = once(worker, 'exit');
    worker.postMessage(null);
    await ended;
  }

  async #run(): Promise<void> {
    // Requests that arrived together are read in this turn of the loop; they join the group.
    await new Promise(setImmediate);
    while (this.#waiting.length > 0) {
      const group = this.#waiting.splice(0, most);
      try {
        const written = await this.transactions.elsewhere(() => this.#ask(group.map(({ job }) => job)));
        for (const [at, { done, failed }] of group.entries()) {
          const one = written[at] as Written<R>;
          if ('result' in one) done(one.result);
          else failed(storageFault(one) ?? new Error(one.message));
        }
      } catch (error) {
        for (const { failed } of group) failed(error);
      }
    }
    // In this turn: whoever goes on with what was written may have more.
    this.#running = undefined;
  }

  #ask(jobs: readonly J[]): Promise<Written<R>[]> {
    const worker = (this.#worker ??= this.#start());
    return new Promise((resolve, reject) => {
      const settle = (): void => {
        worker.off('message', told).off('error', broken).off('exit', gone);
      };
      const told = (written: Written<R>[]): void => {
        settle();
        resolve(written);
      };
      const broken = (error: unknown): void => {
        settle();
        reject(new StorageFault('The thread that writes has failed.', error));
      };
      const gone = (): void => {
        broken(new Error('It has ended.'));
      };
      worker.on('message', told).on('error', broken).on('exit', gone);
      // As one text: a copy of so many small things takes twice as long.
      worker.postMessage(JSON.stringify(jobs));
    });
  }

  #start(): Worker {
    const worker = new Worker(this.script, { workerData: { file: this.file } });
    // One that is broken is not asked again: the next job starts another.
    worker.on('exit', () => {
      if (this.#worker === worker) this.#worker = undefined;
    });
    // Who waits hears of it; a server that has nothing else to do ends without it.
    worker.on('error', () => undefined);
    worker.unref();
    return worker;
  }
}
