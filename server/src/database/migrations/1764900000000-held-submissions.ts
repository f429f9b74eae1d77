import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Submissions that look like spam are held back until somebody lets them through. */
export class HeldSubmissions1764900000000 implements MigrationInterface {
  name = 'HeldSubmissions1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE submission ADD COLUMN held TEXT`);
    await runner.query(
      `CREATE INDEX submission_held ON submission (siteId, receivedAt) WHERE held IS NOT NULL`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX submission_held`);
    await runner.query(`ALTER TABLE submission DROP COLUMN held`);
  }
}
