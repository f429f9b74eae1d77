import { BadRequestException, GoneException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { watchedBy } from '@sirene/core/behaviour';
import { partsNeeded, rulesOf, type CompiledWidget } from '@sirene/core/compile';
import { DataSource, LessThan } from 'typeorm';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { hashOf, newToken } from '../accounts/tokens.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { TryLinkEntity } from './tries.entity.js';

/** How long a link opens drafts, ms. */
const lastsMs = 8 * 3_600_000;

@Injectable()
export class TriesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes a link to a page of the site on which its drafts run; the links that have run out go. */
  async make(
    site: SiteEntity,
    user: UserEntity,
    address: string,
  ): Promise<{ link: string; expiresAt: number }> {
    const page = new URL(address);
    if (!site.origins.includes(page.origin))
      throw new BadRequestException(
        `address must be a page of the site: its origins are ${site.origins.join(', ') || 'not set'}`,
      );
    const token = newToken();
    const now = this.clock.now();
    const expiresAt = now + lastsMs;
    await this.transactions.write(async (manager) => {
      await manager.delete(TryLinkEntity, { expiresAt: LessThan(now) });
      await manager.insert(TryLinkEntity, {
        tokenHash: hashOf(token),
        siteId: site.id,
        createdBy: user.id,
        expiresAt,
      });
    });
    // In the fragment, which no browser sends on: the client's server never hears of it.
    page.hash = `sirene-try=${token}`;
    return { link: page.href, expiresAt };
  }

  /** The site that a link opens. Refuses one that is old, or that was never made. */
  async siteOf(token: string): Promise<SiteEntity> {
    const link = await this.dataSource.getRepository(TryLinkEntity).findOneBy({ tokenHash: hashOf(token) });
    const site = link && (await this.sites.byId(link.siteId));
    if (!link || !site)
      throw new NotFoundException('This try link does not exist. Make a new one in Sirene.');
    if (link.expiresAt <= this.clock.now())
      throw new GoneException('This try link has expired. Make a new one in Sirene.');
    return site;
  }

  /** What a page is given on a try: the manifest of all drafts, each compiled as it is now. */
  async manifest(site: SiteEntity, token: string) {
    const widgets = await Promise.all(
      (await this.widgets.of(site)).map(async (widget) => ({
        ...rulesOf({ id: widget.id, slug: widget.slug, document: widget.draft }, this.clock.now()),
        body: `/t/${token}/${widget.id}.json`,
        parts: partsNeeded(await this.widgets.compiledDraft(widget, site)),
      })),
    );
    return { widgets, signals: watchedBy(widgets), policy: site.policy };
  }

  /** One draft of the site, compiled. */
  async body(site: SiteEntity, id: string): Promise<CompiledWidget> {
    const widget = await this.widgets.oneOf(site, id);
    if (!widget) throw new NotFoundException('There is no such widget on the site.');
    return this.widgets.compiledDraft(widget, site);
  }
}
