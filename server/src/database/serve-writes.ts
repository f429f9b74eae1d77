import { parentPort, workerData } from 'node:worker_threads';
import Database from 'better-sqlite3';
import { prepareDatabase } from './prepare.js';
import { storageKind } from './result-code.js';

/** What became of one job: its result, or what is wrong with it or with the disk. */
export type Written<R> = { result: R } | { message: string; code: string | undefined };

function opened(file: string): Database.Database {
  const database = new Database(file);
  prepareDatabase(database);
  return database;
}

/**
 * Makes this thread one that writes: jobs that arrive together are written in one transaction. Called by the script of a
 * `WriteThread`, once.
 */
export function serveWrites<J, R>(write: (database: Database.Database, job: J) => R): void {
  const { file } = workerData as { file: string };
  let database: Database.Database | undefined;

  const together = (jobs: readonly J[]): Written<R>[] => {
    const open = database?.open ? database : opened(file);
    database = open;
    return open.transaction(() => jobs.map((job) => ({ result: write(open, job) }))).immediate();
  };

  const written = (jobs: readonly J[]): Written<R>[] => {
    try {
      return together(jobs);
    } catch (error) {
      const { message, code } = error as Error & { code?: string };
      const isStorage = storageKind(code) !== undefined;
      // A disk that was full, or a file that could not be read, is met anew by a new connection.
      if (isStorage) database?.close();
      // One of them is at fault: each gets a transaction of its own, so that the others do not suffer.
      if (jobs.length > 1 && !isStorage) return jobs.flatMap((job) => written([job]));
      return jobs.map(() => ({ message, code }));
    }
  };

  parentPort?.on('message', (jobs: string | null) => {
    if (jobs !== null) parentPort?.postMessage(written(JSON.parse(jobs) as J[]));
    else {
      database?.close();
      parentPort?.close();
    }
  });
}
