import type { MigrationInterface, QueryRunner } from 'typeorm';

const columns = 'id, siteId, email, name, firstAt, lastAt, tags';

/** A person as a table; where a phone number is enough to know somebody by, an address is unique only where there is one. */
const person = (unique: string, more = '') => `CREATE TABLE person_next (
  id TEXT PRIMARY KEY,
  siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
  email TEXT NOT NULL COLLATE NOCASE,
  name TEXT NOT NULL,
  firstAt INTEGER NOT NULL,
  lastAt INTEGER NOT NULL,
  tags TEXT NOT NULL DEFAULT '[]'${more}${unique}) STRICT`;

/** Somebody is known by address or phone number; two who are one can be brought together, and taken apart again. */
export class Persons1765700000000 implements MigrationInterface {
  name = 'Persons1765700000000';

  // Foreign keys are off while migrations run (TypeORM sees to it), so that a table can give way to its next.
  async up(runner: QueryRunner): Promise<void> {
    await this.#rebuild(runner, person('', `, phone TEXT NOT NULL DEFAULT ''`));
    await runner.query(`CREATE UNIQUE INDEX person_email ON person (siteId, email) WHERE email <> ''`);
    await runner.query(`CREATE INDEX person_phone ON person (siteId, phone) WHERE phone <> ''`);
    await runner.query(`CREATE TABLE person_alias (
      siteId TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
      email TEXT NOT NULL COLLATE NOCASE,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      PRIMARY KEY (siteId, email)) STRICT, WITHOUT ROWID`);
    await runner.query(`CREATE INDEX person_alias_person ON person_alias (personId)`);
    await runner.query(`CREATE TABLE person_merge (
      id TEXT PRIMARY KEY,
      personId TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
      before TEXT NOT NULL,
      merged TEXT NOT NULL,
      moved TEXT NOT NULL,
      at INTEGER NOT NULL,
      byId TEXT REFERENCES user (id) ON DELETE SET NULL) STRICT`);
    await runner.query(`CREATE INDEX person_merge_person ON person_merge (personId, at)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE person_merge`);
    await runner.query(`DROP TABLE person_alias`);
    // Whoever is known by a phone number alone has no place in the table before.
    await runner.query(`DELETE FROM person WHERE email = ''`);
    await this.#rebuild(runner, person(`, UNIQUE (siteId, email)`));
  }

  async #rebuild(runner: QueryRunner, table: string): Promise<void> {
    await runner.query(table);
    await runner.query(`INSERT INTO person_next (${columns}) SELECT ${columns} FROM person`);
    await runner.query(`DROP TABLE person`);
    await runner.query(`ALTER TABLE person_next RENAME TO person`);
    await runner.query(`CREATE INDEX person_last ON person (siteId, lastAt)`);
  }
}
