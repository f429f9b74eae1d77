import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { CONFIG, type Config } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { databaseIn } from '../database/prepare.js';
import { Transactions } from '../database/transactions.js';
import { WriteThread } from '../database/write-thread.js';
import { storeSubmission, type CheckedSubmission, type Stored } from './store-submission.js';

/** Where submissions are stored: by a thread of its own, where the server has one. */
@Injectable()
export class SubmissionStore implements OnApplicationShutdown {
  readonly #thread: WriteThread<CheckedSubmission, Stored> | null;

  constructor(
    @Inject(CONFIG) config: Config,
    transactions: Transactions,
    private readonly groups: GroupWriter,
  ) {
    const script = new URL('./store-thread.js', import.meta.url);
    this.#thread = config.writeThread ? new WriteThread(transactions, script, databaseIn(config.data)) : null;
  }

  /** Resolved once a submission has been committed, with all that follows it. */
  store(checked: CheckedSubmission): Promise<Stored> {
    return this.#thread?.add(checked) ?? this.groups.add((database) => storeSubmission(database, checked));
  }

  async onApplicationShutdown(): Promise<void> {
    await this.#thread?.end();
  }
}
