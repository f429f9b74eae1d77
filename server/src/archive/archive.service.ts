import { Inject, Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { DeliveryEntity } from '../actions/actions.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { PagesService } from '../pages/pages.service.js';
import { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import { newId } from '../shared/ids.js';
import { SitesService } from '../sites/sites.service.js';
import { CountEntity, type WidgetEntity } from '../widgets/widgets.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import type { ArchiveSubmission, SiteArchive } from './archive.js';

/** Brings site archives in. */
@Injectable()
export class ArchiveService {
  constructor(
    private readonly transactions: Transactions,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    private readonly pages: PagesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  async bring(archive: SiteArchive, owner: UserEntity): Promise<void> {
    const site = await this.sites.create(owner, archive.site);
    for (const page of archive.pages) await this.pages.store(site, page);
    const widgets = new Map<string, WidgetEntity>();
    for (const { name, document, publish, counts } of archive.widgets) {
      const widget = await this.widgets.create(site, { name, document });
      if (publish) await this.widgets.publish(site, widget, widget.draftVersion, owner);
      const rows = counts.map(({ ago, ...count }) => ({
        widgetId: widget.id,
        day: this.#day(ago),
        ...count,
      }));
      await this.transactions.write((manager) => manager.insert(CountEntity, rows));
      widgets.set(name, widget);
    }
    await this.transactions.write(async (manager) => {
      for (const submission of archive.submissions) {
        const widget = widgets.get(submission.widget);
        if (widget) await this.#bringSubmission(manager, site.id, widget, submission);
      }
    });
  }

  #day(ago: number): string {
    return new Date(this.clock.now() - ago * 86_400_000).toISOString().slice(0, 10);
  }

  async #bringSubmission(
    manager: EntityManager,
    siteId: string,
    widget: WidgetEntity,
    { id, ago, fields, page, pageTitle, delivered }: ArchiveSubmission,
  ): Promise<void> {
    const receivedAt = this.clock.now() - ago;
    const valueOf = (key: string) => fields.find((field) => field.key === key)?.value ?? '';
    const person = await this.#person(manager, siteId, valueOf('email'), valueOf('name'), receivedAt);
    await manager.insert(SubmissionEntity, {
      siteId,
      id,
      widgetId: widget.id,
      widgetName: widget.draft.name,
      versionNumber: 1,
      personId: person?.id ?? null,
      fields,
      page,
      pageTitle,
      receivedAt,
    });
    for (const target of delivered) {
      await manager.insert(DeliveryEntity, {
        id: newId('d'),
        siteId,
        submissionId: id,
        type: 'notify',
        target,
        settings: {},
        state: 'sent',
        attempts: 1,
        dueAt: receivedAt,
        lastAt: receivedAt + 1200,
        lastError: null,
      });
    }
  }

  async #person(manager: EntityManager, siteId: string, email: string, name: string, at: number) {
    if (!email) return null;
    const known = await manager.findOneBy(PersonEntity, { siteId, email });
    const firstAt = Math.min(known?.firstAt ?? at, at);
    const lastAt = Math.max(known?.lastAt ?? at, at);
    return manager.save(PersonEntity, { id: known?.id ?? newId('p'), siteId, email, name, firstAt, lastAt });
  }
}
