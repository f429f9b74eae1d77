import type { MigrationInterface, QueryRunner } from 'typeorm';

const tables = [
  `CREATE TABLE user (
    id TEXT PRIMARY KEY, email TEXT NOT NULL UNIQUE COLLATE NOCASE, name TEXT NOT NULL,
    passwordHash TEXT, createdAt INTEGER NOT NULL) STRICT`,
  `CREATE TABLE session (
    tokenHash TEXT PRIMARY KEY, userId TEXT NOT NULL REFERENCES user(id) ON DELETE CASCADE,
    expiresAt INTEGER NOT NULL) STRICT`,
  `CREATE TABLE site (
    id TEXT PRIMARY KEY, key TEXT NOT NULL UNIQUE, name TEXT NOT NULL, origins TEXT NOT NULL, brand TEXT NOT NULL,
    createdAt INTEGER NOT NULL, seenAt INTEGER, seenPage TEXT) STRICT`,
  `CREATE TABLE member (
    userId TEXT NOT NULL REFERENCES user(id) ON DELETE CASCADE,
    siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE,
    role TEXT NOT NULL, PRIMARY KEY (userId, siteId)) STRICT`,
  `CREATE TABLE page (
    id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE,
    address TEXT NOT NULL, title TEXT NOT NULL, html TEXT NOT NULL, storedAt INTEGER NOT NULL,
    UNIQUE (siteId, address)) STRICT`,
  `CREATE TABLE widget (
    id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE, slug TEXT NOT NULL,
    draft TEXT NOT NULL, draftVersion INTEGER NOT NULL, draftSavedAt INTEGER NOT NULL,
    publishedNumber INTEGER, publishedDraft INTEGER, createdAt INTEGER NOT NULL, UNIQUE (siteId, slug)) STRICT`,
  `CREATE TABLE body (hash TEXT PRIMARY KEY, content TEXT NOT NULL) STRICT`,
  `CREATE TABLE version (
    widgetId TEXT NOT NULL REFERENCES widget(id) ON DELETE CASCADE, number INTEGER NOT NULL,
    document TEXT NOT NULL, bodyHash TEXT NOT NULL REFERENCES body(hash), publishedAt INTEGER NOT NULL,
    publishedBy TEXT NOT NULL, PRIMARY KEY (widgetId, number)) STRICT`,
  `CREATE INDEX version_body ON version (bodyHash)`,
  `CREATE TABLE count (
    widgetId TEXT NOT NULL REFERENCES widget(id) ON DELETE CASCADE, day TEXT NOT NULL,
    shown INTEGER NOT NULL DEFAULT 0, closed INTEGER NOT NULL DEFAULT 0, submitted INTEGER NOT NULL DEFAULT 0,
    PRIMARY KEY (widgetId, day)) STRICT`,
  `CREATE TABLE person (
    id TEXT PRIMARY KEY, siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE,
    email TEXT NOT NULL COLLATE NOCASE, name TEXT NOT NULL, firstAt INTEGER NOT NULL, lastAt INTEGER NOT NULL,
    UNIQUE (siteId, email)) STRICT`,
  `CREATE TABLE submission (
    siteId TEXT NOT NULL REFERENCES site(id) ON DELETE CASCADE, id TEXT NOT NULL,
    widgetId TEXT NOT NULL, widgetName TEXT NOT NULL, versionNumber INTEGER NOT NULL,
    personId TEXT REFERENCES person(id) ON DELETE SET NULL, fields TEXT NOT NULL,
    page TEXT NOT NULL, pageTitle TEXT NOT NULL, receivedAt INTEGER NOT NULL,
    PRIMARY KEY (siteId, id)) STRICT`,
  `CREATE INDEX submission_time ON submission (siteId, receivedAt DESC)`,
  `CREATE TABLE delivery (
    id TEXT PRIMARY KEY, siteId TEXT NOT NULL, submissionId TEXT NOT NULL, type TEXT NOT NULL, target TEXT NOT NULL,
    settings TEXT NOT NULL, state TEXT NOT NULL, attempts INTEGER NOT NULL, dueAt INTEGER NOT NULL,
    lastAt INTEGER, lastError TEXT,
    FOREIGN KEY (siteId, submissionId) REFERENCES submission(siteId, id) ON DELETE CASCADE) STRICT`,
  `CREATE INDEX delivery_due ON delivery (dueAt) WHERE state = 'waiting'`,
  `CREATE INDEX delivery_submission ON delivery (siteId, submissionId)`,
  `CREATE TABLE mail (
    id TEXT PRIMARY KEY, sender TEXT NOT NULL, recipients TEXT NOT NULL, subject TEXT NOT NULL,
    text TEXT NOT NULL, headers TEXT NOT NULL, receivedAt INTEGER NOT NULL) STRICT`,
  `CREATE INDEX mail_time ON mail (receivedAt DESC)`,
];

/** The tables Sirene started with. */
export class FirstSchema1764000000000 implements MigrationInterface {
  name = 'FirstSchema1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.query(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    const names = tables.flatMap((table) => /^CREATE TABLE (\w+)/.exec(table)?.[1] ?? []);
    for (const name of names.reverse()) await runner.query(`DROP TABLE ${name}`);
  }
}
