import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Conversations by way of an outside messenger: with whom there, and how far its visitor has been told. */
export class Bridge1766300000000 implements MigrationInterface {
  name = 'Bridge1766300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE conversation ADD COLUMN channel TEXT NOT NULL DEFAULT 'page'
      CHECK (channel IN ('page', 'messenger'))`);
    await runner.query(`CREATE TABLE bridged (
      conversationId TEXT PRIMARY KEY REFERENCES conversation (id) ON DELETE CASCADE,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      contact TEXT NOT NULL,
      sentSeq INTEGER NOT NULL DEFAULT 0,
      attempts INTEGER NOT NULL DEFAULT 0,
      dueAt INTEGER NOT NULL DEFAULT 0,
      error TEXT
    ) STRICT`);
    await runner.query('CREATE INDEX bridged_contact ON bridged (siteId, contact)');
    await runner.query(`CREATE TABLE test_messenger (
      siteId TEXT PRIMARY KEY REFERENCES site (id) ON DELETE CASCADE,
      webhookUrl TEXT NOT NULL,
      domains TEXT NOT NULL,
      behaviour TEXT NOT NULL
    ) STRICT`);
    await runner.query(`CREATE TABLE test_text (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      contact TEXT NOT NULL,
      name TEXT NOT NULL,
      ref TEXT NOT NULL,
      fromSite INTEGER NOT NULL,
      text TEXT NOT NULL,
      at INTEGER NOT NULL,
      requestKey TEXT,
      told INTEGER
    ) STRICT`);
    await runner.query('CREATE INDEX test_text_contact ON test_text (siteId, contact, at)');
    await runner.query(
      'CREATE UNIQUE INDEX test_text_once ON test_text (siteId, requestKey) WHERE requestKey IS NOT NULL',
    );
    await runner.query('CREATE INDEX test_text_untold ON test_text (at) WHERE told IS NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['test_text', 'test_messenger', 'bridged']) await runner.query(`DROP TABLE ${table}`);
    await runner.query('ALTER TABLE conversation DROP COLUMN channel');
  }
}
