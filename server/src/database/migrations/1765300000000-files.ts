import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Files of visitors: each is there before the submission that it is of. */
export class Files1765300000000 implements MigrationInterface {
  name = 'Files1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE file (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      submissionId TEXT,
      name TEXT NOT NULL,
      type TEXT NOT NULL,
      bytes INTEGER NOT NULL,
      sentAt INTEGER NOT NULL,
      FOREIGN KEY (siteId, submissionId) REFERENCES submission (siteId, id) ON DELETE CASCADE) STRICT`);
    await runner.query(`CREATE INDEX file_submission ON file (siteId, submissionId)`);
    await runner.query(`CREATE INDEX file_unclaimed ON file (siteId, sentAt) WHERE submissionId IS NULL`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE file`);
  }
}
