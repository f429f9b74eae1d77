import { Inject, Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { deleteEntry, insertEntry } from './search-sources.js';
import type { SearchKind } from './search-words.js';

/**
 * How often what was written is read into the index, ms, and how many rows at a time: little beside what visitors send, and nothing that
 * anybody waits for noticeably (a row takes about 1 ms).
 */
const everyMs = 250;
const atATime = 25;
/** A conversation is read once nobody has written in it for so long, ms: until then each message would have it read anew. */
const quietMs = 60_000;
/** Rows that are read before somebody searches: about a second of work at most. */
const mostBefore = 2000;

const all = 'SELECT kind, ref, siteId FROM search_pending WHERE ? IS NOT NULL LIMIT ?';
const quiet = `SELECT kind, ref, siteId FROM search_pending
  WHERE kind <> 'conversation' OR NOT EXISTS (SELECT 1 FROM conversation WHERE id = ref AND lastAt > ?) LIMIT ?`;

interface Pending {
  kind: SearchKind;
  ref: string;
  siteId: string;
}

/** Keeps the index of words behind what is written: soon after it, or when somebody searches. */
@Injectable()
export class IndexerService implements OnApplicationShutdown {
  readonly #logger = new Logger('Search');
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts to look for what was written. */
  start(): void {
    this.#timer ??= setInterval(() => {
      this.#run(quiet).catch((error: unknown) => this.#logger.error(error));
    }, everyMs).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.#timer);
  }

  /** Reads in what was written lately, so that a search finds it. */
  async catchUp(): Promise<void> {
    for (let done = 0; done < mostBefore; done += atATime) if ((await this.#run(all)) < atATime) return;
  }

  /** Reads some rows into the index. Returns how many there were; where none wait, nothing is written. */
  async #run(which: string): Promise<number> {
    const waiting = (database: Database) =>
      statement(database, which).all(this.clock.now() - quietMs, atATime) as Pending[];
    if (waiting(this.connection.bare).length === 0) return 0;
    return this.groups.add((database) => {
      const pending = waiting(database);
      for (const one of pending) index(database, one);
      return pending.length;
    });
  }
}

function index(database: Database, { kind, ref, siteId }: Pending): void {
  const row = kind === 'submission' ? [ref, siteId] : [ref];
  statement(database, deleteEntry(kind)).run(...row);
  statement(database, insertEntry(kind)).run(...row);
  statement(database, 'DELETE FROM search_pending WHERE kind = ? AND ref = ? AND siteId = ?').run(
    kind,
    ref,
    siteId,
  );
}
