import { Readable } from 'node:stream';
import { Inject, Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { DeliveryEntity } from '../actions/actions.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { sourceOf } from '../assets/assets.entity.js';
import { AssetsService } from '../assets/assets.service.js';
import { checkedBrand } from '../brand/brand.service.js';
import { CodesService } from '../codes/codes.service.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { PagesService } from '../pages/pages.service.js';
import { SubmissionEntity } from '../people/people.entity.js';
import { e164 } from '../people/phone.js';
import { knownPerson } from '../people/known-person.js';
import type { Database } from 'better-sqlite3';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { CountEntity, type WidgetEntity } from '../widgets/widgets.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { InvoicesService } from '../invoices/invoices.service.js';
import { bringConversation } from './bring-conversation.js';
import { FollowUp } from './follow-up.js';
import { readArchive, type ArchivedSubmission, type SiteArchive } from './archive.dto.js';

/** What has lain in an archive for longer has been read, ms. */
const unreadMs = 86_400_000;

/** Brings site archives in. */
@Injectable()
export class ArchiveService {
  constructor(
    private readonly transactions: Transactions,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    private readonly pages: PagesService,
    private readonly assets: AssetsService,
    private readonly codes: CodesService,
    private readonly invoices: InvoicesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Brings a site in, with all that it holds, by the same rules as if a person had sent each piece.
   *
   * @param input an archive as it was read from a file
   * @throws BadRequestException when it, or anything in it, can't be used
   */
  async bring(input: unknown, owner: UserEntity): Promise<SiteArchive> {
    const archive = readArchive(input);
    const { brand, ...named } = archive.site;
    const created = await this.sites.create(owner, { ...named, brand: {} });
    const placed = await this.#bringAssets(created, archive.assets ?? []);
    const own = checkedBrand({ tokens: {}, looks: {}, fonts: [], ...placed(brand) });
    const site = await this.widgets.rebrand(created, own, {}, owner);
    for (const pool of archive.codes ?? []) await this.codes.add(site, pool);
    for (const page of archive.pages) await this.pages.store(site, page);
    const widgets = new Map<string, WidgetEntity>();
    for (const { name, document, publish, counts } of archive.widgets) {
      const widget = await this.widgets.create(site, { name, document: placed(document) });
      if (publish) await this.widgets.publish(site, widget, widget.draftVersion, owner);
      const rows = counts.map(({ ago, ...count }) => ({
        widgetId: widget.id,
        day: this.#day(ago),
        ...count,
      }));
      await this.transactions.write((manager) => manager.insert(CountEntity, rows));
      widgets.set(name, widget);
    }
    const { invoicing } = archive;
    if (invoicing) await this.invoices.setSettings(site, invoicing);
    await this.transactions.write(async (manager, database) => {
      const followUp = new FollowUp(manager, site.id, owner.id, this.clock.now(), invoicing);
      // The oldest first, so that numbers are given in their order.
      for (const submission of archive.submissions.toSorted((a, b) => b.ago - a.ago)) {
        const widget = widgets.get(submission.widget);
        if (widget) await this.#bringSubmission(manager, database, site.id, widget, submission, followUp);
      }
      await followUp.end();
      for (const conversation of archive.conversations ?? []) {
        const widget = widgets.get(conversation.widget);
        if (widget) bringConversation(database, site.id, widget, conversation, owner, this.clock.now());
      }
    });
    return archive;
  }

  /** Keeps uploads; returns what puts their addresses in place of the names that an archive gives them. */
  async #bringAssets(
    site: SiteEntity,
    assets: NonNullable<SiteArchive['assets']>,
  ): Promise<<T>(value: T) => T> {
    const addresses = new Map<string, string>();
    for (const { name, file, content } of assets) {
      const body = Readable.from([Buffer.from(content, 'base64')]);
      addresses.set(`asset:@${name}`, sourceOf(await this.assets.take(site, file, body)));
    }
    return (value) =>
      JSON.parse(
        JSON.stringify(value).replace(/asset:@[a-z0-9-]+/g, (name) => addresses.get(name) ?? name),
      ) as typeof value;
  }

  #day(ago: number): string {
    return new Date(this.clock.now() - ago * 86_400_000).toISOString().slice(0, 10);
  }

  async #bringSubmission(
    manager: EntityManager,
    database: Database,
    siteId: string,
    widget: WidgetEntity,
    submission: ArchivedSubmission,
    followUp: FollowUp,
  ): Promise<void> {
    const { id, ago, fields, page, pageTitle, delivered } = submission;
    const receivedAt = this.clock.now() - ago;
    // Whom it is from is asked of the kinds of its fields, as where visitors send it.
    const keyOf = (kind: string) =>
      Object.values(widget.draft.elements).flatMap((one) =>
        one.type === 'field' && one.kind === kind ? [one.key] : [],
      );
    const numbers = ['number', 'amount', 'scale'].flatMap(keyOf);
    const valueOf = (kind: string) => fields.find(({ key }) => keyOf(kind).includes(key))?.value ?? '';
    const email = valueOf('email');
    const phone = e164(valueOf('phone')) ?? '';
    const personId = knownPerson(database, { siteId, email, phone, name: valueOf('name'), at: receivedAt });
    await manager.insert(SubmissionEntity, {
      siteId,
      id,
      widgetId: widget.id,
      widgetName: widget.draft.name,
      versionNumber: 1,
      personId,
      fields: fields.map((field) =>
        numbers.includes(field.key) && field.value !== '' ? { ...field, answer: Number(field.value) } : field,
      ),
      page,
      pageTitle,
      receivedAt,
      held: null,
      readAt: ago > unreadMs ? receivedAt : null,
      assigneeId: null,
    });
    if (personId !== null) await followUp.bring(personId, widget.id, submission);
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
}
