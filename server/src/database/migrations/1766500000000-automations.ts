import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What chats do by themselves: tags of conversations, and which automation has had its turn in which; groups of the desk; the pages that visitors see. */
export class Automations1766500000000 implements MigrationInterface {
  name = 'Automations1766500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE conversation ADD COLUMN tags TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(`CREATE TABLE desk_group (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL,
      members TEXT NOT NULL
    ) STRICT`);
    await runner.query('CREATE INDEX desk_group_site ON desk_group (siteId)');
    await runner.query(
      'ALTER TABLE conversation ADD COLUMN groupId TEXT REFERENCES desk_group (id) ON DELETE SET NULL',
    );
    await runner.query(`CREATE TABLE chat_visit (
      conversationId TEXT NOT NULL REFERENCES conversation (id) ON DELETE CASCADE,
      number INTEGER NOT NULL,
      page TEXT NOT NULL,
      title TEXT NOT NULL,
      at INTEGER NOT NULL,
      PRIMARY KEY (conversationId, number)
    ) STRICT, WITHOUT ROWID`);
    // Once for each silence: by when the last word was said.
    await runner.query(`CREATE TABLE automation_run (
      conversationId TEXT NOT NULL REFERENCES conversation (id) ON DELETE CASCADE,
      automation TEXT NOT NULL,
      lastAt INTEGER NOT NULL,
      PRIMARY KEY (conversationId, automation)
    ) STRICT, WITHOUT ROWID`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE automation_run');
    await runner.query('DROP TABLE chat_visit');
    await runner.query('ALTER TABLE conversation DROP COLUMN groupId');
    await runner.query('DROP TABLE desk_group');
    await runner.query('ALTER TABLE conversation DROP COLUMN tags');
  }
}
