import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * How much a site's widgets may interrupt together, the zone of its clocks, the pages on which its script was seen, and what the
 * stored ones say that they are.
 */
export class RulesOfASite1764500000000 implements MigrationInterface {
  name = 'RulesOfASite1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    const policy = '{"quietGap":0,"perPage":null,"perVisit":null,"waiting":"later"}';
    await runner.query(`ALTER TABLE site ADD COLUMN policy TEXT NOT NULL DEFAULT '${policy}'`);
    await runner.query(`ALTER TABLE site ADD COLUMN zone TEXT NOT NULL DEFAULT 'UTC'`);
    for (const column of ['types', 'markers'])
      await runner.query(`ALTER TABLE page ADD COLUMN ${column} TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(
      `CREATE TABLE seen_page (
        siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
        path TEXT NOT NULL,
        at INTEGER NOT NULL,
        PRIMARY KEY (siteId, path)
      ) STRICT`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE seen_page`);
    for (const column of ['types', 'markers']) await runner.query(`ALTER TABLE page DROP COLUMN ${column}`);
    await runner.query(`ALTER TABLE site DROP COLUMN zone`);
    await runner.query(`ALTER TABLE site DROP COLUMN policy`);
  }
}
