import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sessions that can be told apart and ended, passwords that can be reset, invitations, and sites put aside. */
export class FirstDay1764300000000 implements MigrationInterface {
  name = 'FirstDay1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE session ADD COLUMN id TEXT NOT NULL DEFAULT ''`);
    await runner.query(`ALTER TABLE session ADD COLUMN createdAt INTEGER NOT NULL DEFAULT 0`);
    await runner.query(`ALTER TABLE session ADD COLUMN device TEXT NOT NULL DEFAULT ''`);
    await runner.query(`UPDATE session SET id = 'session_' || lower(hex(randomblob(8)))`);
    await runner.query(`CREATE TABLE password_reset (
      tokenHash TEXT PRIMARY KEY, userId TEXT NOT NULL REFERENCES user(id) ON DELETE CASCADE,
      expiresAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE TABLE invitation (
      id TEXT PRIMARY KEY, tokenHash TEXT NOT NULL UNIQUE,
      siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE,
      invitedBy TEXT NOT NULL REFERENCES user(id) ON DELETE CASCADE,
      role TEXT NOT NULL, createdAt INTEGER NOT NULL, expiresAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX invitation_site ON invitation (siteId)`);
    await runner.query(`ALTER TABLE site ADD COLUMN archivedAt INTEGER`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE site DROP COLUMN archivedAt`);
    await runner.query(`DROP TABLE invitation`);
    await runner.query(`DROP TABLE password_reset`);
    for (const column of ['device', 'createdAt', 'id'])
      await runner.query(`ALTER TABLE session DROP COLUMN ${column}`);
  }
}
