import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Codes that are given out once each, and the keys that the starts of visitors' own countdowns are signed with. */
export class Codes1764700000000 implements MigrationInterface {
  name = 'Codes1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE code (
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      pool TEXT NOT NULL,
      code TEXT NOT NULL,
      givenTo TEXT,
      givenAt INTEGER,
      PRIMARY KEY (siteId, pool, code)) STRICT`);
    // Who has one is asked before each, and no visitor has two of a pool.
    await runner.query(
      `CREATE UNIQUE INDEX code_given ON code (siteId, pool, givenTo) WHERE givenTo IS NOT NULL`,
    );
    await runner.query(`CREATE INDEX code_free ON code (siteId, pool) WHERE givenTo IS NULL`);
    await runner.query(`CREATE TABLE signing_key (
      siteId TEXT PRIMARY KEY REFERENCES site (id) ON DELETE CASCADE,
      key TEXT NOT NULL) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE signing_key`);
    await runner.query(`DROP TABLE code`);
  }
}
