import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A row to be written when somebody asks whether writing works. */
export class Heartbeat1764200000000 implements MigrationInterface {
  name = 'Heartbeat1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE heartbeat (id INTEGER PRIMARY KEY CHECK (id = 1), at INTEGER NOT NULL) STRICT`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE heartbeat`);
  }
}
