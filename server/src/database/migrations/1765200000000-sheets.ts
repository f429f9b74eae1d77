import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Spreadsheets that submissions add rows to. */
export class Sheets1765200000000 implements MigrationInterface {
  name = 'Sheets1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE sheet (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL COLLATE NOCASE,
      columns TEXT NOT NULL,
      token TEXT NOT NULL UNIQUE,
      createdAt INTEGER NOT NULL,
      UNIQUE (siteId, name)) STRICT`);
    // Rows by number: a sheet is read in the order in which it grew. A row goes with the submission that it is of.
    await runner.query(`CREATE TABLE sheet_row (
      number INTEGER PRIMARY KEY,
      sheetId TEXT NOT NULL REFERENCES sheet (id) ON DELETE CASCADE,
      deliveryId TEXT NOT NULL UNIQUE REFERENCES delivery (id) ON DELETE CASCADE,
      at INTEGER NOT NULL,
      cells TEXT NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX sheet_row_sheet ON sheet_row (sheetId, number)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE sheet_row`);
    await runner.query(`DROP TABLE sheet`);
  }
}
