import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Uploads, elements kept for reuse, and widgets that are put aside when deleted. */
export class AssetsAndShelf1764100000000 implements MigrationInterface {
  name = 'AssetsAndShelf1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE asset (
      id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE, kind TEXT NOT NULL,
      name TEXT NOT NULL, file TEXT NOT NULL, bytes INTEGER NOT NULL, width INTEGER, height INTEGER, family TEXT,
      weight TEXT, createdAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX asset_site ON asset (siteId, createdAt DESC)`);
    await runner.query(`CREATE TABLE shelf_item (
      id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE, name TEXT NOT NULL,
      branch TEXT NOT NULL, createdAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX shelf_site ON shelf_item (siteId, createdAt DESC)`);
    await runner.query(`CREATE TABLE own_starter (
      id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE, purpose TEXT NOT NULL,
      says TEXT NOT NULL, document TEXT NOT NULL, createdAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX own_starter_site ON own_starter (siteId, createdAt DESC)`);
    await runner.query(`ALTER TABLE widget ADD COLUMN deletedAt TEXT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE widget DROP COLUMN deletedAt`);
    await runner.query(`DROP TABLE own_starter`);
    await runner.query(`DROP TABLE shelf_item`);
    await runner.query(`DROP TABLE asset`);
  }
}
