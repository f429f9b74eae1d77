import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Conversations of visitors with the desk. */
export class Chat1766000000000 implements MigrationInterface {
  name = 'Chat1766000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE conversation (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      widgetId TEXT NOT NULL,
      widgetName TEXT NOT NULL,
      visitor TEXT NOT NULL,
      personId TEXT REFERENCES person (id) ON DELETE SET NULL,
      name TEXT NOT NULL,
      email TEXT NOT NULL,
      page TEXT NOT NULL,
      pageTitle TEXT NOT NULL,
      state TEXT NOT NULL CHECK (state IN ('waiting', 'open', 'closed')),
      assigneeId TEXT REFERENCES user (id) ON DELETE SET NULL,
      lastSeq INTEGER NOT NULL,
      lastText TEXT NOT NULL,
      lastFrom TEXT NOT NULL,
      startedAt INTEGER NOT NULL,
      lastAt INTEGER NOT NULL,
      answeredAt INTEGER,
      closedAt INTEGER) STRICT`);
    await runner.query(
      `CREATE INDEX conversation_visitor ON conversation (siteId, visitor, widgetId, startedAt DESC)`,
    );
    await runner.query(`CREATE INDEX conversation_state ON conversation (siteId, state, lastAt DESC)`);
    await runner.query(
      `CREATE INDEX conversation_person ON conversation (personId) WHERE personId IS NOT NULL`,
    );
    // One that is going on is one: two tabs that begin it at once begin the same.
    await runner.query(
      `CREATE UNIQUE INDEX conversation_going ON conversation (siteId, visitor, widgetId) WHERE state <> 'closed'`,
    );
    await runner.query(`CREATE TABLE chat_message (
      conversationId TEXT NOT NULL REFERENCES conversation (id) ON DELETE CASCADE,
      seq INTEGER NOT NULL,
      id TEXT NOT NULL,
      sender TEXT NOT NULL CHECK (sender IN ('visitor', 'desk', 'note')),
      byId TEXT REFERENCES user (id) ON DELETE SET NULL,
      name TEXT NOT NULL,
      text TEXT NOT NULL,
      at INTEGER NOT NULL,
      PRIMARY KEY (conversationId, seq),
      UNIQUE (conversationId, id)) STRICT, WITHOUT ROWID`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE chat_message`);
    await runner.query(`DROP TABLE conversation`);
  }
}
