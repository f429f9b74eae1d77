import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { Transactions } from '../database/transactions.js';
import { FilesService } from '../files/files.service.js';
import { SubmissionEntity } from './people.entity.js';

/** Deletes submissions with all that hangs on them: deliveries and rows of spreadsheets, and the files on the disk. */
@Injectable()
export class RemovalService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly files: FilesService,
  ) {}

  /** Deletes those of a site that are there. Returns how many those were. */
  async remove(siteId: string, ids: readonly string[]): Promise<number> {
    const files = await this.dataSource.query<{ id: string }[]>(
      `SELECT id FROM file WHERE siteId = ? AND submissionId IN (SELECT value FROM json_each(?))`,
      [siteId, JSON.stringify(ids)],
    );
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(SubmissionEntity, { siteId, id: In(ids) }),
    );
    await this.files.drop(files.map(({ id }) => id));
    return affected ?? 0;
  }
}
