import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The keys that webhooks are signed with, and what the stand-in for their receivers was sent. */
export class Webhooks1764800000000 implements MigrationInterface {
  name = 'Webhooks1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE webhook_key (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      sealed TEXT NOT NULL,
      createdAt INTEGER NOT NULL,
      signsUntil INTEGER) STRICT`);
    await runner.query(
      `CREATE UNIQUE INDEX webhook_key_own ON webhook_key (siteId) WHERE signsUntil IS NULL`,
    );
    await runner.query(`CREATE INDEX webhook_key_site ON webhook_key (siteId)`);
    await runner.query(`CREATE TABLE test_hook (
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      id TEXT NOT NULL,
      body TEXT NOT NULL,
      genuine INTEGER NOT NULL,
      times INTEGER NOT NULL,
      answered INTEGER NOT NULL,
      lastAt INTEGER NOT NULL,
      PRIMARY KEY (siteId, id)) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE test_hook`);
    await runner.query(`DROP TABLE webhook_key`);
  }
}
