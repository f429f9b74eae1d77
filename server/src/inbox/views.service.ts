import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, Not } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ViewDto } from './dto/inbox.dto.js';
import { SubmissionViewEntity } from './inbox.entity.js';

/** Most views of a site. */
const most = 50;

/** The views of submissions that a site has saved. */
@Injectable()
export class ViewsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Those of a site, by name. */
  of(site: SiteEntity): Promise<SubmissionViewEntity[]> {
    return this.dataSource
      .getRepository(SubmissionViewEntity)
      .find({ where: { siteId: site.id }, order: { name: 'ASC' } });
  }

  /** Saves a view, or another state of one. Refuses a name that is taken. */
  async save(
    site: SiteEntity,
    { name, filter, columns }: ViewDto,
    id?: string,
  ): Promise<SubmissionViewEntity> {
    return this.transactions.write(async (manager) => {
      const known =
        id === undefined ? null : await manager.findOneBy(SubmissionViewEntity, { id, siteId: site.id });
      if (id !== undefined && !known) throw new NotFoundException('There is no such view.');
      const others = { siteId: site.id, ...(id !== undefined && { id: Not(id) }) };
      if (await manager.existsBy(SubmissionViewEntity, { ...others, name }))
        throw new ConflictException(`There is a view called “${name}” already.`);
      if (!known && (await manager.countBy(SubmissionViewEntity, others)) >= most)
        throw new ConflictException(`A site has ${most} views at most: remove one first.`);
      return manager.save(SubmissionViewEntity, {
        ...{
          id: known?.id ?? newId('view'),
          siteId: site.id,
          createdAt: known?.createdAt ?? this.clock.now(),
        },
        ...{ name, filter, columns },
      });
    });
  }

  /** Removes a view; what it showed stays. */
  async remove(site: SiteEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(SubmissionViewEntity, { id, siteId: site.id }),
    );
    if (affected === 0) throw new NotFoundException('There is no such view.');
  }
}
