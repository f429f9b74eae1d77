import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Payments, what the services have told of them already, outside services, and the sessions and members of the stand-ins. */
export class Payments1765500000000 implements MigrationInterface {
  name = 'Payments1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE payment (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      submissionId TEXT NOT NULL,
      widgetId TEXT NOT NULL,
      token TEXT NOT NULL UNIQUE,
      units INTEGER NOT NULL CHECK (units > 0),
      currency TEXT NOT NULL,
      interval TEXT NOT NULL CHECK (interval IN ('once', 'month')),
      description TEXT NOT NULL,
      receipt TEXT,
      state TEXT NOT NULL CHECK (state IN ('open', 'paid', 'failed', 'left', 'refunded')),
      attempt INTEGER NOT NULL,
      sessionId TEXT,
      sessionUrl TEXT,
      createdAt INTEGER NOT NULL,
      since INTEGER NOT NULL,
      trouble TEXT,
      UNIQUE (siteId, submissionId)) STRICT`);
    // Books are kept when what was sent is erased: what was paid stays, without what tells who it was.
    await runner.query(`CREATE TRIGGER payment_erased AFTER DELETE ON submission BEGIN
      UPDATE payment SET description = 'Erased', receipt = NULL WHERE siteId = OLD.siteId AND submissionId = OLD.id;
    END`);
    await runner.query(`CREATE INDEX payment_raised ON payment (siteId, widgetId, currency, state)`);
    await runner.query(`CREATE TABLE service (
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      kind TEXT NOT NULL,
      url TEXT NOT NULL,
      sealedKey TEXT NOT NULL,
      sealedSigningKey TEXT NOT NULL,
      PRIMARY KEY (siteId, kind)) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE TABLE payment_told (
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      id TEXT NOT NULL,
      at INTEGER NOT NULL,
      PRIMARY KEY (siteId, id)) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE TABLE test_payment (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      requestKey TEXT NOT NULL,
      reference TEXT NOT NULL,
      units INTEGER NOT NULL,
      currency TEXT NOT NULL,
      interval TEXT NOT NULL,
      description TEXT NOT NULL,
      returnUrl TEXT NOT NULL,
      resultUrl TEXT NOT NULL,
      status TEXT NOT NULL,
      told INTEGER,
      at INTEGER NOT NULL,
      UNIQUE (siteId, requestKey)) STRICT`);
    await runner.query(`CREATE TABLE test_member (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      email TEXT NOT NULL COLLATE NOCASE,
      name TEXT NOT NULL,
      password TEXT NOT NULL,
      requestKey TEXT NOT NULL,
      at INTEGER NOT NULL,
      UNIQUE (siteId, email)) STRICT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TRIGGER payment_erased`);
    for (const table of ['test_member', 'test_payment', 'payment_told', 'service', 'payment'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
