// A thread that writes, as tests want it to: it keeps words, refuses some, and meets with what a disk or a thread meets with.
import { threadId } from 'node:worker_threads';
import type { Database } from 'better-sqlite3';
import { serveWrites } from '../database/serve-writes.js';

/** What a test asks of it. */
export type Asked = { word: string } | { full: true } | { exit: true } | { throwLater: true };

/** How many words there are with this one, and which thread keeps it. */
export interface Kept {
  words: number;
  thread: number;
}

serveWrites((database: Database, asked: Asked): Kept => {
  if ('exit' in asked) process.exit(1);
  if ('throwLater' in asked)
    setImmediate(() => {
      throw new Error('of its own');
    });
  if ('full' in asked) throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
  if ('word' in asked) database.prepare('INSERT INTO word VALUES (?)').run(asked.word);
  const { words } = database.prepare('SELECT count(*) AS words FROM word').get() as { words: number };
  return { words, thread: threadId };
});
