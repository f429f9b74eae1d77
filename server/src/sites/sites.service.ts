import {
  BadRequestException,
  ForbiddenException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { completeBrand, type Brand } from '@sirene/core/style';
import { DataSource, In, type EntityManager } from 'typeorm';
import { MemberEntity, type UserEntity } from '../accounts/accounts.entity.js';
import { AccountsService } from '../accounts/accounts.service.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { ChangeSiteDto, CreateSiteDto } from './dto/site.dto.js';
import { SiteEntity } from './sites.entity.js';

export interface NewSite extends CreateSiteDto {
  key?: string;
  brand?: Partial<Brand>;
}

@Injectable()
export class SitesService {
  #byKey = new Map<string, Promise<SiteEntity | null>>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly accounts: AccountsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes a site with its maker as owner. */
  async create(user: UserEntity, { name, origins, key, brand }: NewSite): Promise<SiteEntity> {
    const id = newId('site');
    const site = this.dataSource.getRepository(SiteEntity).create({
      id,
      key: key ?? newId('key').slice(4),
      name,
      origins,
      brand: brand ?? {},
      createdAt: this.clock.now(),
      seenAt: null,
      seenPage: null,
      archivedAt: null,
    });
    await this.transactions.write(async (manager) => {
      await manager.insert(SiteEntity, site);
      await manager.insert(MemberEntity, { userId: user.id, siteId: id, role: 'owner' });
    });
    return site;
  }

  /** The sites that a user is a member of. */
  async of(user: UserEntity): Promise<SiteEntity[]> {
    const ids = await this.accounts.sitesOf(user);
    return this.dataSource
      .getRepository(SiteEntity)
      .find({ where: { id: In(ids) }, order: { createdAt: 'ASC' } });
  }

  /** A site that the user works on; any other is treated as not there. */
  async mine(user: UserEntity, id: string): Promise<SiteEntity> {
    const ids = await this.accounts.sitesOf(user);
    const site = ids.includes(id) ? await this.byId(id) : null;
    if (!site) throw new NotFoundException('There is no such site, or you are not a member of it.');
    return site;
  }

  /** A site of which the user is an owner: what touches others needs that. */
  async owned(user: UserEntity, id: string): Promise<SiteEntity> {
    const site = await this.mine(user, id);
    const isOwner = await this.dataSource
      .getRepository(MemberEntity)
      .existsBy({ siteId: id, userId: user.id, role: 'owner' });
    if (!isOwner) throw new ForbiddenException('Only an owner of the site can do that. Ask one of them.');
    return site;
  }

  /** A site by its id, or `null`. */
  byId(id: string): Promise<SiteEntity | null> {
    return this.dataSource.getRepository(SiteEntity).findOneBy({ id });
  }

  /**
   * A site by its public key, from memory: pages ask for it at every view. The question is what is kept, so that an
   * answer that was on its way while the site changed is not kept beyond it.
   */
  async byKey(key: string): Promise<SiteEntity> {
    const known = this.#byKey.get(key) ?? this.dataSource.getRepository(SiteEntity).findOneBy({ key });
    this.#byKey.set(key, known);
    const site = await known.catch((error: unknown) => {
      this.#byKey.delete(key);
      throw error;
    });
    if (site) return site;
    // Keys that strangers make up are not kept.
    this.#byKey.delete(key);
    throw new NotFoundException(
      `There is no site with the key "${key.slice(0, 80)}". Check data-site in the script tag.`,
    );
  }

  /** Changes what is said of a site; what is not said stays. Refuses a change of nothing. */
  async change(site: SiteEntity, change: ChangeSiteDto): Promise<SiteEntity> {
    if (Object.values(change).every((value) => value === undefined))
      throw new BadRequestException(
        'Say what is to change: the name, the origins, or whether it is archived.',
      );
    const { archived, ...rest } = change;
    const archivedAt = archived ? this.clock.now() : null;
    const written = { ...rest, ...(archived !== undefined && { archivedAt }) };
    const changed = { ...site, ...written };
    await this.transactions.write((manager) => manager.update(SiteEntity, { id: site.id }, written));
    this.forget(site);
    return changed;
  }

  /** Writes a brand inside a transaction; `forget` the site once that is committed. */
  async writeBrand(manager: EntityManager, site: SiteEntity, brand: Brand): Promise<void> {
    await manager.update(SiteEntity, { id: site.id }, { brand });
  }

  /** Drops what is kept in memory of a site. */
  forget(site: SiteEntity): void {
    this.#byKey.delete(site.key);
  }

  /** A site’s brand, completed by the plain one where it says nothing. */
  brandOf(site: SiteEntity): Brand {
    return completeBrand(site.brand);
  }

  /** Notes that a page of the site loaded the script. */
  async seen(siteId: string, at: number, page: string): Promise<void> {
    await this.transactions.write((manager) =>
      manager.update(SiteEntity, { id: siteId }, { seenAt: at, seenPage: page }),
    );
  }
}
