import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { storageFault } from '../database/storage-fault.js';
import { Transactions } from '../database/transactions.js';

/** Whether the database takes what it is given, or why not. */
export type DatabaseState = 'ok' | string;

/** How long an answer holds, ms: whoever asks without end costs one write in this time. */
const holdsMs = 1000;

/** As much as the largest submission takes, bytes: a full disk may have room for a number, and for nothing else. */
const room = 64_000;

@Injectable()
export class HealthService {
  #last: { at: number; state: Promise<DatabaseState> } | undefined;

  constructor(
    private readonly transactions: Transactions,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Proves it by a write, since a full disk can still be read from. */
  database(): Promise<DatabaseState> {
    const now = this.clock.now();
    // A clock that was set back must not keep an old answer alive.
    const holds = this.#last && Math.abs(now - this.#last.at) < holdsMs;
    if (!this.#last || !holds) this.#last = { at: now, state: this.#beat(now) };
    return this.#last.state;
  }

  async #beat(now: number): Promise<DatabaseState> {
    try {
      await this.transactions.writeBare((database) =>
        statement(
          database,
          `INSERT INTO heartbeat (id, at, room) VALUES (1, ?, zeroblob(${room}))
             ON CONFLICT (id) DO UPDATE SET at = excluded.at, room = excluded.room`,
        ).run(now),
      );
      return 'ok';
    } catch (error) {
      return storageFault(error)?.reason ?? 'The database can’t be written to.';
    }
  }
}
