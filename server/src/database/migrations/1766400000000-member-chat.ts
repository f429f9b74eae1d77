import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Members of a client's site write to each other: who they are, their threads, what they block and what they report. */
export class MemberChat1766400000000 implements MigrationInterface {
  name = 'MemberChat1766400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE site ADD COLUMN memberChat INTEGER NOT NULL DEFAULT 0');
    const site = 'siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE';
    await runner.query(`CREATE TABLE chat_member (
      ${site},
      id TEXT NOT NULL,
      name TEXT NOT NULL,
      personId TEXT REFERENCES person (id) ON DELETE CASCADE,
      heardAt INTEGER NOT NULL,
      barredAt INTEGER,
      PRIMARY KEY (siteId, id)
    ) STRICT`);
    await runner.query('CREATE INDEX chat_member_name ON chat_member (siteId, name COLLATE NOCASE)');
    await runner.query(
      'CREATE INDEX chat_member_person ON chat_member (personId) WHERE personId IS NOT NULL',
    );
    // Erased with its person, a member takes their threads along. One thread of two, whoever began it: "low" is the one whose id comes first.
    await runner.query(`CREATE TABLE member_thread (
      id TEXT PRIMARY KEY,
      ${site},
      low TEXT NOT NULL,
      high TEXT NOT NULL,
      lastSeq INTEGER NOT NULL DEFAULT 0,
      lastAt INTEGER NOT NULL,
      lowSeen INTEGER NOT NULL DEFAULT 0,
      highSeen INTEGER NOT NULL DEFAULT 0,
      UNIQUE (siteId, low, high),
      FOREIGN KEY (siteId, low) REFERENCES chat_member (siteId, id) ON DELETE CASCADE,
      FOREIGN KEY (siteId, high) REFERENCES chat_member (siteId, id) ON DELETE CASCADE
    ) STRICT`);
    await runner.query('CREATE INDEX member_thread_high ON member_thread (siteId, high)');
    await runner.query(`CREATE TABLE member_message (
      threadId TEXT NOT NULL REFERENCES member_thread (id) ON DELETE CASCADE,
      seq INTEGER NOT NULL,
      id TEXT NOT NULL,
      byId TEXT NOT NULL,
      text TEXT NOT NULL,
      at INTEGER NOT NULL,
      removedAt INTEGER,
      PRIMARY KEY (threadId, seq),
      UNIQUE (threadId, id)
    ) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE TABLE member_block (
      ${site},
      byId TEXT NOT NULL,
      blockedId TEXT NOT NULL,
      PRIMARY KEY (siteId, byId, blockedId)
    ) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE TABLE member_report (
      id TEXT PRIMARY KEY,
      ${site},
      threadId TEXT NOT NULL REFERENCES member_thread (id) ON DELETE CASCADE,
      byId TEXT NOT NULL,
      aboutId TEXT NOT NULL,
      reason TEXT NOT NULL,
      at INTEGER NOT NULL,
      settledAt INTEGER
    ) STRICT`);
    await runner.query('CREATE INDEX member_report_site ON member_report (siteId, at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['member_report', 'member_block', 'member_message', 'member_thread', 'chat_member'])
      await runner.query(`DROP TABLE ${table}`);
    await runner.query('ALTER TABLE site DROP COLUMN memberChat');
  }
}
