import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What failed is counted and tried again together, without a look at all that went well. */
export class FailedDeliveries1765400000000 implements MigrationInterface {
  name = 'FailedDeliveries1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE INDEX delivery_failed ON delivery (siteId) WHERE state = 'failed'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX delivery_failed`);
  }
}
