import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { SavedReplyDto } from './dto/replies.dto.js';
import { SavedReplyEntity } from './replies.entity.js';

/** Most replies of a site. */
const most = 200;

/** What is often answered at the desk of a site. */
@Injectable()
export class RepliesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
  ) {}

  /** Those of a site, by name. */
  of(site: SiteEntity): Promise<SavedReplyEntity[]> {
    return this.dataSource
      .getRepository(SavedReplyEntity)
      .find({ where: { siteId: site.id }, order: { name: 'ASC' } });
  }

  /** Saves a reply; one of the same name, in whatever case, is another text from then on. */
  async save(site: SiteEntity, { name, text }: SavedReplyDto): Promise<SavedReplyEntity> {
    return this.transactions.write(async (manager) => {
      const all = await manager.findBy(SavedReplyEntity, { siteId: site.id });
      const known = all.find((one) => one.name.toLowerCase() === name.toLowerCase());
      if (!known && all.length >= most)
        throw new ConflictException(`A site has ${most} saved replies at most: remove one first.`);
      return manager.save(SavedReplyEntity, { id: known?.id ?? newId('reply'), siteId: site.id, name, text });
    });
  }

  /** Removes a reply; what was answered by it stays. */
  async remove(site: SiteEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(SavedReplyEntity, { id, siteId: site.id }),
    );
    if (affected === 0) throw new NotFoundException('There is no such saved reply.');
  }
}
