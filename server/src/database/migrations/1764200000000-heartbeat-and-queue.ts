import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A row to be written when somebody asks whether writing works; the outbox in the order in which it is tried. */
export class HeartbeatAndQueue1764200000000 implements MigrationInterface {
  name = 'HeartbeatAndQueue1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE heartbeat (id INTEGER PRIMARY KEY CHECK (id = 1), at INTEGER NOT NULL, room BLOB NOT NULL) STRICT`,
    );
    await runner.query(`DROP INDEX delivery_due`);
    // Ends with the row's own number, as every index does: the order in which rows were written.
    await runner.query(`CREATE INDEX delivery_queue ON delivery (attempts) WHERE state = 'waiting'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX delivery_queue`);
    await runner.query(`CREATE INDEX delivery_due ON delivery (dueAt) WHERE state = 'waiting'`);
    await runner.query(`DROP TABLE heartbeat`);
  }
}
