import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Mailing lists: who is on which, and how each came there, word by word. */
export class Lists1765000000000 implements MigrationInterface {
  name = 'Lists1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE list (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL COLLATE NOCASE,
      createdAt INTEGER NOT NULL,
      UNIQUE (siteId, name)) STRICT`);
    await runner.query(`CREATE TABLE list_entry (
      listId TEXT NOT NULL REFERENCES list (id) ON DELETE CASCADE,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      state TEXT NOT NULL CHECK (state IN ('pending', 'confirmed', 'unsubscribed')),
      token TEXT NOT NULL UNIQUE,
      since INTEGER NOT NULL,
      welcome TEXT,
      submissionId TEXT,
      PRIMARY KEY (listId, personId)) STRICT`);
    await runner.query(`CREATE INDEX list_entry_person ON list_entry (personId)`);
    await runner.query(`CREATE INDEX list_entry_since ON list_entry (listId, since)`);
    await runner.query(`CREATE TABLE list_event (
      id TEXT PRIMARY KEY,
      listId TEXT NOT NULL REFERENCES list (id) ON DELETE CASCADE,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      kind TEXT NOT NULL,
      at INTEGER NOT NULL,
      page TEXT NOT NULL,
      words TEXT NOT NULL,
      submissionId TEXT) STRICT`);
    await runner.query(`ALTER TABLE mail ADD COLUMN html TEXT NOT NULL DEFAULT ''`);
    await runner.query(`ALTER TABLE mail ADD COLUMN attachments TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(`CREATE INDEX list_event_person ON list_event (personId, at)`);
    // Tried again, a submission asks once.
    await runner.query(
      `CREATE UNIQUE INDEX list_event_asked ON list_event (listId, submissionId) WHERE kind = 'asked'`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE mail DROP COLUMN attachments`);
    await runner.query(`ALTER TABLE mail DROP COLUMN html`);
    await runner.query(`DROP TABLE list_event`);
    await runner.query(`DROP TABLE list_entry`);
    await runner.query(`DROP TABLE list`);
  }
}
