import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Leads on a board of stages, and what is kept of a person besides what they sent. */
export class Leads1765100000000 implements MigrationInterface {
  name = 'Leads1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE lead_stage (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      name TEXT NOT NULL COLLATE NOCASE,
      position INTEGER NOT NULL,
      outcome TEXT NOT NULL CHECK (outcome IN ('open', 'won', 'lost')),
      UNIQUE (siteId, name)) STRICT`);
    await runner.query(`CREATE TABLE lead (
      id TEXT PRIMARY KEY,
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      stageId TEXT NOT NULL REFERENCES lead_stage (id),
      title TEXT NOT NULL,
      units INTEGER,
      currency TEXT NOT NULL,
      ownerId TEXT REFERENCES user (id) ON DELETE SET NULL,
      dueOn TEXT,
      submissionId TEXT,
      deliveryId TEXT UNIQUE,
      createdAt INTEGER NOT NULL,
      movedAt INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX lead_site ON lead (siteId, movedAt)`);
    await runner.query(`CREATE INDEX lead_person ON lead (personId)`);
    await runner.query(`CREATE INDEX lead_stage_of ON lead (stageId)`);
    await runner.query(`CREATE TABLE lead_event (
      id TEXT PRIMARY KEY,
      leadId TEXT NOT NULL REFERENCES lead (id) ON DELETE CASCADE,
      at INTEGER NOT NULL,
      stage TEXT NOT NULL,
      byId TEXT REFERENCES user (id) ON DELETE SET NULL) STRICT`);
    await runner.query(`CREATE INDEX lead_event_lead ON lead_event (leadId, at)`);
    await runner.query(`CREATE TABLE person_note (
      id TEXT PRIMARY KEY,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      byId TEXT REFERENCES user (id) ON DELETE SET NULL,
      text TEXT NOT NULL,
      at INTEGER NOT NULL) STRICT`);
    await runner.query(`CREATE INDEX person_note_person ON person_note (personId, at)`);
    await runner.query(`ALTER TABLE person ADD COLUMN tags TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(`CREATE INDEX person_last ON person (siteId, lastAt)`);
    await runner.query(`CREATE INDEX submission_person ON submission (personId, receivedAt)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX submission_person`);
    await runner.query(`DROP INDEX person_last`);
    await runner.query(`ALTER TABLE person DROP COLUMN tags`);
    await runner.query(`DROP TABLE person_note`);
    await runner.query(`DROP TABLE lead_event`);
    await runner.query(`DROP TABLE lead`);
    await runner.query(`DROP TABLE lead_stage`);
  }
}
