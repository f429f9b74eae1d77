import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Submissions are read, and taken on by somebody; what is often looked for in them has a name. */
export class Inbox1765800000000 implements MigrationInterface {
  name = 'Inbox1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE submission ADD COLUMN readAt INTEGER`);
    await runner.query(
      `ALTER TABLE submission ADD COLUMN assigneeId TEXT REFERENCES user (id) ON DELETE SET NULL`,
    );
    // What came before there was such a thing as unread has been seen.
    await runner.query(`UPDATE submission SET readAt = receivedAt`);
    await runner.query(
      `CREATE INDEX submission_unread ON submission (siteId, receivedAt DESC) WHERE readAt IS NULL AND held IS NULL`,
    );
    await runner.query(
      `CREATE INDEX submission_assignee ON submission (assigneeId, receivedAt DESC) WHERE assigneeId IS NOT NULL`,
    );
    // Counted and paged without a look at the rows themselves, of which there may be a million.
    await runner.query(
      `CREATE INDEX submission_shown ON submission (siteId, receivedAt DESC) WHERE held IS NULL`,
    );
    await runner.query(
      `CREATE INDEX submission_widget ON submission (siteId, widgetId, receivedAt DESC) WHERE held IS NULL`,
    );
    await runner.query(`ALTER TABLE site ADD COLUMN unwantedWords TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(`CREATE TABLE submission_view (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL COLLATE NOCASE,
      filter TEXT NOT NULL,
      columns TEXT NOT NULL,
      createdAt INTEGER NOT NULL,
      UNIQUE (siteId, name)) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE submission_view`);
    await runner.query(`ALTER TABLE site DROP COLUMN unwantedWords`);
    await runner.query(`DROP INDEX submission_widget`);
    await runner.query(`DROP INDEX submission_shown`);
    await runner.query(`DROP INDEX submission_assignee`);
    await runner.query(`DROP INDEX submission_unread`);
    await runner.query(`ALTER TABLE submission DROP COLUMN assigneeId`);
    await runner.query(`ALTER TABLE submission DROP COLUMN readAt`);
  }
}
