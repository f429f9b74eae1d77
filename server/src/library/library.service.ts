import { BadRequestException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { branchProblems, type Branch } from '@sirene/core/document/widget';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import type { KeepDto, KeepStarterDto } from './dto/library.dto.js';
import { OwnStarterEntity, ShelfItemEntity } from './library.entity.js';

const most = 500;

@Injectable()
export class LibraryService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The pieces on a site’s shelf, newest first. */
  of(site: SiteEntity): Promise<ShelfItemEntity[]> {
    return this.dataSource
      .getRepository(ShelfItemEntity)
      .find({ where: { siteId: site.id }, order: { createdAt: 'DESC' }, take: most });
  }

  /**
   * Keeps an element with all that it holds. Refuses one that could stand in no document, and more than the
   * shelf takes.
   */
  async keep(site: SiteEntity, { name, branch }: KeepDto): Promise<ShelfItemEntity> {
    const problems = branchProblems(branch);
    const [first] = problems;
    if (first)
      throw new BadRequestException({
        statusCode: 400,
        message: `The element can't be kept: ${first.path} ${first.reason}`,
        problems,
      });
    await this.#refuseFull(ShelfItemEntity, site, 'The shelf is full');
    const item = { id: newId('shelf'), siteId: site.id, name, createdAt: this.clock.now() };
    return this.transactions.write((manager) =>
      manager.save(ShelfItemEntity, { ...item, branch: branch as unknown as Branch }),
    );
  }

  /** Takes a piece off the shelf. Refuses one that is not there. */
  async remove(site: SiteEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(ShelfItemEntity, { id, siteId: site.id }),
    );
    if (!affected) throw new NotFoundException('There is no such item on the shelf.');
  }

  /** A site’s own starters, newest first. */
  starters(site: SiteEntity): Promise<OwnStarterEntity[]> {
    return this.dataSource
      .getRepository(OwnStarterEntity)
      .find({ where: { siteId: site.id }, order: { createdAt: 'DESC' }, take: most });
  }

  /** Keeps the draft of a widget as a starter. */
  async keepStarter(
    site: SiteEntity,
    { draft }: WidgetEntity,
    { purpose, says }: KeepStarterDto,
  ): Promise<OwnStarterEntity> {
    await this.#refuseFull(OwnStarterEntity, site, 'There are too many starters');
    const starter = { id: newId('st'), siteId: site.id, purpose, says, createdAt: this.clock.now() };
    return this.transactions.write((manager) =>
      manager.save(OwnStarterEntity, { ...starter, document: draft }),
    );
  }

  /** Removes one of a site’s own starters. Refuses one that is not there. */
  async removeStarter(site: SiteEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(OwnStarterEntity, { id, siteId: site.id }),
    );
    if (!affected) throw new NotFoundException('There is no such starter.');
  }

  async #refuseFull(
    kept: typeof ShelfItemEntity | typeof OwnStarterEntity,
    { id }: SiteEntity,
    what: string,
  ): Promise<void> {
    if ((await this.dataSource.getRepository<{ siteId: string }>(kept).countBy({ siteId: id })) >= most)
      throw new BadRequestException(`${what}: ${most}. Remove some first.`);
  }
}
