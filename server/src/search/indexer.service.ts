import { Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { deleteEntry, insertEntry } from './search-sources.js';
import type { SearchKind } from './search-words.js';

/** How often what was written is read into the index, ms, and how many rows at a time: little beside what visitors send. */
const everyMs = 1000;
const atATime = 200;
/** Rows that are read before somebody searches: about a second of work at most. */
const mostBefore = 2000;

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
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
  ) {}

  /** Starts to look for what was written. */
  start(): void {
    this.#timer ??= setInterval(() => {
      this.run(atATime).catch((error: unknown) => this.#logger.error(error));
    }, everyMs).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.#timer);
  }

  /** Reads in what was written lately, so that a search finds it. */
  async catchUp(): Promise<void> {
    for (let done = 0; done < mostBefore; done += atATime) if ((await this.run(atATime)) < atATime) return;
  }

  /** Reads so many rows into the index. Returns how many there were; where none wait, nothing is written. */
  async run(most: number): Promise<number> {
    const [waiting] = await this.dataSource.query<unknown[]>('SELECT 1 FROM search_pending LIMIT 1');
    if (!waiting) return 0;
    return this.groups.add((database) => {
      const pending = statement(database, 'SELECT kind, ref, siteId FROM search_pending LIMIT ?').all(
        most,
      ) as Pending[];
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
