import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Invoices, each number once in a site, and how a site writes them. They stay when their person is erased. */
export class Invoices1765600000000 implements MigrationInterface {
  name = 'Invoices1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE invoice (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      personId TEXT REFERENCES person (id) ON DELETE SET NULL,
      number TEXT,
      seller TEXT,
      buyer TEXT NOT NULL,
      lines TEXT NOT NULL,
      currency TEXT NOT NULL,
      issuedOn TEXT,
      dueOn TEXT NOT NULL,
      note TEXT NOT NULL,
      createdAt INTEGER NOT NULL,
      sentAt INTEGER,
      paidAt INTEGER,
      UNIQUE (siteId, number)) STRICT`);
    await runner.query(`CREATE INDEX invoice_site ON invoice (siteId, createdAt DESC)`);
    await runner.query(`CREATE INDEX invoice_person ON invoice (personId)`);
    await runner.query(`CREATE TABLE invoice_settings (
      siteId TEXT PRIMARY KEY REFERENCES site (id) ON DELETE CASCADE,
      seller TEXT NOT NULL,
      items TEXT NOT NULL,
      series TEXT NOT NULL,
      next INTEGER NOT NULL CHECK (next > 0),
      dueDays INTEGER NOT NULL,
      currency TEXT NOT NULL) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE invoice_settings`);
    await runner.query(`DROP TABLE invoice`);
  }
}
