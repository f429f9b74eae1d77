import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Links by which drafts run on a client's live page, for those who hold one. */
export class Tries1764600000000 implements MigrationInterface {
  name = 'Tries1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE try_link (
      tokenHash TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      createdBy TEXT NOT NULL REFERENCES user (id) ON DELETE CASCADE,
      expiresAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX try_link_expiry ON try_link (expiresAt)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE try_link`);
  }
}
