import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is often answered at the desk has a short name. */
export class Replies1766100000000 implements MigrationInterface {
  name = 'Replies1766100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE saved_reply (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL COLLATE NOCASE,
      text TEXT NOT NULL,
      UNIQUE (siteId, name)) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE saved_reply`);
  }
}
