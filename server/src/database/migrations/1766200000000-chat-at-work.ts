import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a conversation is worked on with: what each side has seen, rest until later, rating, files, who a member says they are. */
export class ChatAtWork1766200000000 implements MigrationInterface {
  name = 'ChatAtWork1766200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const column of [
      'visitorSeen INTEGER NOT NULL DEFAULT 0',
      'deskSeen INTEGER NOT NULL DEFAULT 0',
      'snoozedUntil INTEGER',
      // When somebody was last told that no answer came.
      'remindedAt INTEGER',
      'rating INTEGER CHECK (rating BETWEEN 1 AND 5)',
      `ratingText TEXT NOT NULL DEFAULT ''`,
      // By the site's own word, in a signed token; NULL where only the visitor's is there.
      'identity TEXT',
      // By what an answer to a mail finds the way back; NULL until one is sent.
      'replyToken TEXT',
      `answers TEXT NOT NULL DEFAULT '[]'`,
      'leadId TEXT REFERENCES lead (id) ON DELETE SET NULL',
    ])
      await runner.query(`ALTER TABLE conversation ADD COLUMN ${column}`);
    await runner.query(
      `CREATE UNIQUE INDEX conversation_reply ON conversation (replyToken) WHERE replyToken IS NOT NULL`,
    );
    await runner.query(
      `CREATE INDEX conversation_snoozed ON conversation (snoozedUntil) WHERE snoozedUntil IS NOT NULL`,
    );
    await runner.query(`ALTER TABLE site ADD COLUMN identityKey TEXT`);
    await runner.query(`ALTER TABLE chat_message ADD COLUMN file TEXT`);
    await runner.query(
      `ALTER TABLE file ADD COLUMN conversationId TEXT REFERENCES conversation (id) ON DELETE CASCADE`,
    );
    await runner.query(
      `CREATE INDEX file_conversation ON file (conversationId) WHERE conversationId IS NOT NULL`,
    );
    // What was said is found, as all else (search_pending): with each message, and no more once it is erased.
    const pending = `INSERT OR IGNORE INTO search_pending (kind, ref, siteId) VALUES ('conversation', new.id, '')`;
    await runner.query(`INSERT INTO search_pending SELECT 'conversation', id, '' FROM conversation`);
    await runner.query(
      `CREATE TRIGGER search_conversation_in AFTER INSERT ON conversation BEGIN ${pending}; END`,
    );
    await runner.query(`CREATE TRIGGER search_conversation_on AFTER UPDATE OF lastSeq, name, email ON conversation
      WHEN old.lastSeq <> new.lastSeq OR old.name <> new.name OR old.email <> new.email BEGIN ${pending}; END`);
    await runner.query(`CREATE TRIGGER search_conversation_out AFTER DELETE ON conversation BEGIN
      DELETE FROM search_entry WHERE kind = 'conversation' AND ref = old.id;
      DELETE FROM search_pending WHERE kind = 'conversation' AND ref = old.id;
    END`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const end of ['in', 'on', 'out']) await runner.query(`DROP TRIGGER search_conversation_${end}`);
    await runner.query(`DELETE FROM search_entry WHERE kind = 'conversation'`);
    await runner.query(`DELETE FROM search_pending WHERE kind = 'conversation'`);
    await runner.query(`DROP INDEX file_conversation`);
    await runner.query(`ALTER TABLE file DROP COLUMN conversationId`);
    await runner.query(`ALTER TABLE chat_message DROP COLUMN file`);
    await runner.query(`ALTER TABLE site DROP COLUMN identityKey`);
    await runner.query(`DROP INDEX conversation_snoozed`);
    await runner.query(`DROP INDEX conversation_reply`);
    for (const column of [
      'leadId',
      'answers',
      'replyToken',
      'identity',
      'ratingText',
      'rating',
      'remindedAt',
      'snoozedUntil',
      'deskSeen',
      'visitorSeen',
    ])
      await runner.query(`ALTER TABLE conversation DROP COLUMN ${column}`);
  }
}
