import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Uploads are of the kinds that the web platform names: an image, a video. */
export class AssetKinds1764400000000 implements MigrationInterface {
  name = 'AssetKinds1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE asset SET kind = 'image' WHERE kind = 'picture'`);
    await runner.query(`UPDATE asset SET kind = 'video' WHERE kind = 'film'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE asset SET kind = 'picture' WHERE kind = 'image'`);
    await runner.query(`UPDATE asset SET kind = 'film' WHERE kind = 'video'`);
  }
}
