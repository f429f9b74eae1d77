import { BadRequestException, Inject, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { StorePageDto } from './dto/page.dto.js';
import type { PageSourceDto } from './dto/page-source.dto.js';
import { PageEntity } from './pages.entity.js';
import type { TaskOutput } from '../foreign/tasks.js';
import { WorkerPool } from '../foreign/worker-pool.js';
import { PageFetcher, type FetchedPage } from './page-fetcher.js';

@Injectable()
export class PagesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly fetcher: PageFetcher,
    private readonly workers: WorkerPool,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The pages that are kept of a site, without their HTML. */
  of(site: SiteEntity): Promise<Pick<PageEntity, 'id' | 'address' | 'title' | 'types' | 'markers'>[]> {
    const select = { id: true, address: true, title: true, types: true, markers: true };
    return this.dataSource
      .getRepository(PageEntity)
      .find({ where: { siteId: site.id }, select, order: { storedAt: 'ASC' } });
  }

  /** Fetches a page of the site and stores a copy. */
  async fetch(site: SiteEntity, wanted: string): Promise<PageEntity> {
    const { address, text } = await this.fetcher.fetch(site, wanted);
    const read = await this.#read(site, { address, text });
    return this.#keep(site, address, { ...read, title: read.title || new URL(address).pathname });
  }

  /** Stores a copy of a page of the site, stripped of all that runs; a copy of the same address is replaced. */
  async store(site: SiteEntity, { address, title, html }: StorePageDto): Promise<PageEntity> {
    if (!site.origins.includes(new URL(address).origin)) {
      throw new BadRequestException(
        `address is not on the site: its origins are ${site.origins.join(', ') || 'not set'}`,
      );
    }
    return this.#keep(site, address, { ...(await this.#read(site, { address, text: html })), title });
  }

  /** Reads the forms of a page. Nothing is kept of it. */
  async forms(site: SiteEntity, { address, html }: PageSourceDto): Promise<TaskOutput<'forms'>> {
    if (html) return this.workers.run('forms', html);
    if (!address) throw new BadRequestException('Give the address of a page of the site, or its HTML.');
    return this.workers.run('forms', (await this.fetcher.fetch(site, address)).text);
  }

  #read(site: SiteEntity, { address, text }: FetchedPage): Promise<TaskOutput<'stillPage'>> {
    return this.workers.run('stillPage', { html: text, address, origins: site.origins });
  }

  #keep(site: SiteEntity, address: string, read: TaskOutput<'stillPage'>): Promise<PageEntity> {
    const where = { siteId: site.id, address };
    const content = { ...read, title: read.title.slice(0, 300), storedAt: this.clock.now() };
    return this.transactions.write(async (manager) => {
      const old = await manager.findOneBy(PageEntity, where);
      return manager.save(PageEntity, { id: old?.id ?? newId('page'), ...where, ...content });
    });
  }
}
