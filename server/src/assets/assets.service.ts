import { randomBytes } from 'node:crypto';
import { mkdir, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { WorkerPool } from '../foreign/worker-pool.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { AssetEntity } from './assets.entity.js';
import { readAsset } from './read-asset.js';
import { Upload } from './upload.js';

/** Most bytes that one site's uploads may take. */
const mostBytes = 2_000_000_000;

@Injectable()
export class AssetsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly workers: WorkerPool,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The uploads of a site, newest first. */
  of(site: SiteEntity): Promise<AssetEntity[]> {
    return this.dataSource
      .getRepository(AssetEntity)
      .find({ where: { siteId: site.id }, order: { createdAt: 'DESC' }, take: 1000 });
  }

  /** Takes a file as it comes, and keeps it if it can be used. */
  async take(site: SiteEntity, name: string, body: Readable): Promise<AssetEntity> {
    const upload = await Upload.receive(body, this.config.data);
    try {
      return await this.#keep(site, name, upload);
    } finally {
      await upload.drop();
    }
  }

  // Its files first, then its row, so that no row is without its files.
  async #keep(site: SiteEntity, name: string, upload: Upload): Promise<AssetEntity> {
    const taken = await this.dataSource.getRepository(AssetEntity).sum('bytes', { siteId: site.id });
    const { files, ...read } = await readAsset(upload.path, name, this.workers);
    if ((taken ?? 0) + read.bytes > mostBytes)
      throw new BadRequestException(
        'The site’s uploads are full (2 GB). Delete some that are no longer used.',
      );
    const id = randomBytes(12).toString('hex');
    const folder = this.#folder(id);
    await mkdir(folder, { recursive: true });
    for (const [file, data] of Object.entries(files)) {
      if (data === 'upload') await rename(upload.path, join(folder, file));
      else await writeFile(join(folder, file), data);
    }
    const row = {
      id,
      siteId: site.id,
      name: name.slice(0, 200),
      createdAt: this.clock.now(),
      ...read,
    };
    await this.transactions.write((manager) => manager.insert(AssetEntity, row));
    return this.dataSource.getRepository(AssetEntity).create(row);
  }

  /** Deletes an upload that nothing uses, nothing that can be brought back included. */
  async remove(site: SiteEntity, id: string): Promise<void> {
    const asset = await this.dataSource.getRepository(AssetEntity).findOneBy({ id, siteId: site.id });
    if (!asset) throw new NotFoundException('There is no such upload.');
    const users = await this.#usersOf(site, id);
    if (users.length > 0)
      throw new ConflictException(`It is still used by ${users.join(', ')}. Remove it there first.`);
    await this.transactions.write((manager) => manager.delete(AssetEntity, { id }));
    await rm(this.#folder(id), { recursive: true, force: true });
  }

  /** Who uses an upload, in words: drafts, published and earlier versions, deleted widgets, starters, shelf and brand. */
  async #usersOf(site: SiteEntity, id: string): Promise<string[]> {
    const found = await this.dataSource.query<{ name: string }[]>(
      `WITH wanted (ofSite, source) AS (VALUES (?, ?))
       SELECT draft ->> 'name' || CASE WHEN deletedAt IS NULL THEN '' ELSE ' (deleted)' END AS name
         FROM widget, wanted WHERE siteId = ofSite AND instr(draft, source) > 0
       UNION SELECT 'version ' || number || ' of ' || (document ->> 'name')
         FROM version JOIN widget ON widget.id = widgetId, wanted
         WHERE siteId = ofSite AND instr(document, source) > 0 AND instr(draft, source) = 0
       UNION SELECT 'the starter ' || (document ->> 'name') FROM own_starter, wanted
         WHERE siteId = ofSite AND instr(document, source) > 0
       UNION SELECT name || ' on the shelf' FROM shelf_item, wanted
         WHERE siteId = ofSite AND instr(branch, source) > 0
       UNION SELECT 'the brand' FROM site, wanted WHERE site.id = ofSite AND instr(brand, source) > 0
       LIMIT 5`,
      [site.id, `asset:${id}`],
    );
    return found.map(({ name }) => name);
  }

  #folder(id: string): string {
    return join(this.config.data, 'assets', id);
  }
}
