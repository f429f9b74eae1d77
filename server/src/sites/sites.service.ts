import {
  BadRequestException,
  ForbiddenException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { openPolicy, type Policy } from '@sirene/core/behaviour';
import { completeBrand, type Brand } from '@sirene/core/style';
import { DataSource, In, type EntityManager } from 'typeorm';
import { MemberEntity, type UserEntity } from '../accounts/accounts.entity.js';
import { AccountsService } from '../accounts/accounts.service.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { ChangeSiteDto, CreateSiteDto } from './dto/site.dto.js';
import { SeenPageEntity, SiteEntity } from './sites.entity.js';

/** Of how many pages a site remembers that they were seen; the older ones go. */
const mostSeenPages = 500;

export interface NewSite extends CreateSiteDto {
  zone?: string;
  policy?: Policy;
  memberChat?: boolean;
  key?: string;
  brand?: Partial<Brand>;
}

@Injectable()
export class SitesService {
  readonly #listeners: ((siteId: string) => void)[] = [];
  #byKey = new Map<string, Promise<SiteEntity | null>>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly accounts: AccountsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes a site with its maker as owner. */
  async create(
    user: UserEntity,
    { name, origins, key, brand, zone, policy, memberChat }: NewSite,
  ): Promise<SiteEntity> {
    const id = newId('site');
    const site = this.dataSource.getRepository(SiteEntity).create({
      id,
      key: key ?? newId('key').slice(4),
      name,
      origins,
      brand: brand ?? {},
      zone: zone ?? 'UTC',
      policy: policy ?? openPolicy,
      unwantedWords: [],
      memberChat: Number(memberChat ?? false),
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
    // What is left out is there all the same, as undefined: a class declares its fields.
    const said = Object.entries(change).filter(([, value]) => value !== undefined);
    if (said.length === 0)
      throw new BadRequestException(
        'Say what is to change: the name, the origins, the time zone, the policy, the unwanted words, or whether it is archived.',
      );
    const { archived, ...rest } = Object.fromEntries(said) as ChangeSiteDto;
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
    for (const listener of this.#listeners) listener(site.id);
  }

  /** Calls back with the id of a site that has been changed: what was made of it is out of date. */
  onChanged(listener: (siteId: string) => void): void {
    this.#listeners.push(listener);
  }

  /** A site’s brand, completed by the plain one where it says nothing. */
  brandOf(site: SiteEntity): Brand {
    return completeBrand(site.brand);
  }

  /** Notes that pages of the site loaded the script, by their paths; the last of them is the one that is told of. */
  async seen(siteId: string, at: number, page: string, paths: readonly string[]): Promise<void> {
    await this.transactions.write(async (manager) => {
      await manager.update(SiteEntity, { id: siteId }, { seenAt: at, seenPage: page });
      if (paths.length === 0) return;
      await manager.upsert(
        SeenPageEntity,
        paths.map((path) => ({ siteId, path, at })),
        ['siteId', 'path'],
      );
      await manager.query(
        `DELETE FROM seen_page WHERE siteId = ? AND path NOT IN
          (SELECT path FROM seen_page WHERE siteId = ? ORDER BY at DESC, path LIMIT ?)`,
        [siteId, siteId, mostSeenPages],
      );
    });
  }

  /** The paths of the pages on which the script was seen, in their order. */
  async seenPages(siteId: string): Promise<string[]> {
    const pages = await this.dataSource
      .getRepository(SeenPageEntity)
      .find({ where: { siteId }, order: { path: 'ASC' } });
    return pages.map(({ path }) => path);
  }
}
