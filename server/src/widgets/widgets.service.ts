import { createHash } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { replaceInDocument } from '@sirene/core/review/brand';
import type { CompiledWidget } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import { createWidget, validateDocument, type WidgetDocument } from '@sirene/core/document/widget';
import { DataSource, In, MoreThanOrEqual, type EntityManager } from 'typeorm';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import { WorkerPool } from '../foreign/worker-pool.js';
import { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import type { CreateWidgetDto } from './dto/widget.dto.js';
import { freeSlug } from './slug.js';
import { findWidget } from './find-widget.js';
import { PatternGuard } from './pattern-guard.js';
import { BodyEntity, CountEntity, VersionEntity, WidgetEntity } from './widgets.entity.js';

/** Told when what a site shows its visitors has changed. */
export type PublishedListener = (siteId: string) => void;

@Injectable()
export class WidgetsService {
  #listeners: PublishedListener[] = [];

  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly sites: SitesService,
    private readonly workers: WorkerPool,
    private readonly patterns: PatternGuard,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Calls back with a site’s id after what its visitors get has changed. */
  onPublished(listener: PublishedListener): void {
    this.#listeners.push(listener);
  }

  /** The widgets of a site, the oldest first; those that were put aside are not among them. */
  of(site: SiteEntity): Promise<WidgetEntity[]> {
    return this.dataSource
      .getRepository(WidgetEntity)
      .find({ where: { siteId: site.id }, order: { createdAt: 'ASC' } });
  }

  /** One widget of a site; `null` where the site has none of that id. */
  oneOf(site: SiteEntity, id: string): Promise<WidgetEntity | null> {
    return this.dataSource.getRepository(WidgetEntity).findOneBy({ id, siteId: site.id });
  }

  /** What each of some widgets did in the last `days` days. */
  async countsOf(ids: string[], days: number): Promise<Map<string, { shown: number; submitted: number }>> {
    const first = new Date(this.clock.now() - days * 86_400_000).toISOString().slice(0, 10);
    const rows = await this.dataSource
      .getRepository(CountEntity)
      .findBy({ widgetId: In(ids), day: MoreThanOrEqual(first) });
    const sums = new Map<string, { shown: number; submitted: number }>();
    for (const { widgetId, shown, submitted } of rows) {
      const sum = sums.get(widgetId) ?? { shown: 0, submitted: 0 };
      sums.set(widgetId, { shown: sum.shown + shown, submitted: sum.submitted + submitted });
    }
    return sums;
  }

  /** A widget of a site that the user works on; any other is treated as not there. */
  async mine(user: UserEntity, id: string): Promise<WidgetEntity> {
    const widget = await findWidget(this.dataSource, id);
    await this.sites.mine(user, widget.siteId);
    return widget;
  }

  /** Makes a widget: of a whole document, or an empty one of a kind. Refuses a document that is not sound. */
  async create(site: SiteEntity, { name, kind, document }: CreateWidgetDto): Promise<WidgetEntity> {
    const draft = document ? { ...(await this.#usable(document)), name } : createWidget(name, kind);
    const now = this.clock.now();
    return this.transactions.write(async (manager) => {
      const others = await manager.find(WidgetEntity, {
        where: { siteId: site.id },
        select: { slug: true },
        withDeleted: true,
      });
      return manager.save(WidgetEntity, {
        id: newId('w'),
        siteId: site.id,
        slug: freeSlug(name, new Set(others.map(({ slug }) => slug))),
        draft,
        draftVersion: 1,
        draftSavedAt: now,
        publishedNumber: null,
        publishedDraft: null,
        createdAt: now,
        deletedAt: null,
      });
    });
  }

  /** Saves a draft that was made from version `base`; refuses when another save came between. */
  async saveDraft(widget: WidgetEntity, base: number, document: unknown): Promise<WidgetEntity> {
    const draft = await this.#usable(document, widget.draft);
    return this.transactions.write(async (manager) => {
      const current = await manager.findOneByOrFail(WidgetEntity, { id: widget.id });
      // Sent again, as after a lost answer, or from a tab whose draft another has sent for it: there is nothing to decide.
      if (current.draftVersion > base && isDeepStrictEqual(current.draft, draft)) return current;
      refuseStale(current, base, this.clock.now());
      const draftVersion = base + 1;
      const number = current.publishedNumber;
      const live =
        number === null ? null : await manager.findOneBy(VersionEntity, { widgetId: widget.id, number });
      // Who undoes every edit is back at what is published.
      const publishedDraft =
        live && isDeepStrictEqual(live.document, draft) ? draftVersion : current.publishedDraft;
      return manager.save(WidgetEntity, {
        ...current,
        draft,
        draftVersion,
        publishedDraft,
        draftSavedAt: this.clock.now(),
      });
    });
  }

  /** The draft as visitors would get it, were it published now. */
  compiledDraft({ draft }: WidgetEntity, site: SiteEntity): Promise<CompiledWidget> {
    return this.#compiled(draft, this.sites.brandOf(site));
  }

  /** Compiles the draft and makes it what visitors get. */
  async publish(
    site: SiteEntity,
    widget: WidgetEntity,
    base: number,
    user: UserEntity,
  ): Promise<WidgetEntity> {
    refuseStale(widget, base, this.clock.now());
    // Before the transaction, so that nobody who writes waits for it.
    const compiled = await this.compiledDraft(widget, site);
    const published = await this.transactions.write(async (manager) => {
      const current = await manager.findOneByOrFail(WidgetEntity, { id: widget.id });
      refuseStale(current, base, this.clock.now());
      const now = await manager.findOneByOrFail(SiteEntity, { id: site.id });
      const isCurrent = isDeepStrictEqual(now.brand, site.brand);
      const body = isCurrent ? compiled : await this.compiledDraft(current, now);
      const number = await this.#addVersion(manager, widget.id, current.draft, body, user);
      return manager.save(WidgetEntity, {
        ...current,
        publishedNumber: number,
        publishedDraft: current.draftVersion,
      });
    });
    this.#tell(site.id);
    return published;
  }

  async #compiled(document: WidgetDocument, brand: Brand): Promise<CompiledWidget> {
    const [body] = await this.workers.run('compile', { documents: [document], brand });
    return body as CompiledWidget;
  }

  /** Writes a version with its compiled body; returns its number. */
  async #addVersion(
    manager: EntityManager,
    widgetId: string,
    document: WidgetDocument,
    body: CompiledWidget,
    user: UserEntity,
  ): Promise<number> {
    const content = JSON.stringify(body);
    const hash = createHash('sha256').update(content).digest('hex').slice(0, 32);
    await manager
      .createQueryBuilder()
      .insert()
      .into(BodyEntity)
      .values({ hash, content })
      .orIgnore()
      .execute();
    const number = ((await manager.maximum(VersionEntity, 'number', { widgetId })) ?? 0) + 1;
    await manager.insert(VersionEntity, {
      widgetId,
      number,
      document,
      bodyHash: hash,
      publishedAt: this.clock.now(),
      publishedBy: user.name,
    });
    return number;
  }

  /**
   * Gives a site another brand. What is published is compiled anew, as versions of their own, since visitors who have
   * an older body on their page still send to it. Tokens that are gone are replaced, in drafts too. All of it or nothing.
   */
  async rebrand(
    site: SiteEntity,
    brand: Brand,
    replacements: Readonly<Record<string, string>>,
    user: UserEntity,
  ): Promise<SiteEntity> {
    const changed: SiteEntity = { ...site, brand };
    const whole = this.sites.brandOf(changed);
    const live = (await this.published(site.id)).map(({ version }) => ({
      ...version,
      document: replaceInDocument(version.document, replacements),
    }));
    // Before the transaction, so that nobody who writes waits for it.
    const bodies = await this.workers.runOver('compile', live, (some) => ({
      documents: some.map(({ document }) => document),
      brand: whole,
    }));
    const compiled = bodies.flat();
    await this.transactions.write(async (manager) => {
      await this.sites.writeBrand(manager, site, brand);
      for (const widget of await manager.findBy(WidgetEntity, { siteId: site.id })) {
        const draft = replaceInDocument(widget.draft, replacements);
        const draftChange = isDeepStrictEqual(draft, widget.draft)
          ? {}
          : { draft, draftVersion: widget.draftVersion + 1 };
        const number = widget.publishedNumber;
        const version =
          number === null ? null : await manager.findOneBy(VersionEntity, { widgetId: widget.id, number });
        const at = live.findIndex((one) => one.widgetId === widget.id && one.number === number);
        const document = version && replaceInDocument(version.document, replacements);
        // Published a moment ago, after the others were compiled.
        const body = compiled[at] ?? (document && (await this.#compiled(document, whole)));
        const publishedNumber =
          document && body
            ? await this.#addVersion(manager, widget.id, document, body, user)
            : widget.publishedNumber;
        const wasLive = widget.publishedDraft === widget.draftVersion;
        const publishedDraft = wasLive
          ? (draftChange.draftVersion ?? widget.draftVersion)
          : widget.publishedDraft;
        await manager.save(WidgetEntity, { ...widget, ...draftChange, publishedNumber, publishedDraft });
      }
    });
    this.sites.forget(site);
    this.#tell(site.id);
    return changed;
  }

  /** A copy of a widget, on its own site or another of the user's. It is not published. */
  copy(widget: WidgetEntity, to: SiteEntity, name: string): Promise<WidgetEntity> {
    return this.create(to, { name, document: widget.draft as unknown as Record<string, unknown> });
  }

  /** Takes a widget off its site; draft and versions stay. */
  async unpublish(site: SiteEntity, widget: WidgetEntity): Promise<void> {
    await this.transactions.write((manager) =>
      manager.update(WidgetEntity, { id: widget.id }, { publishedNumber: null, publishedDraft: null }),
    );
    this.#tell(site.id);
  }

  /** Puts a widget aside: visitors no longer get it, and it can be brought back as it was. */
  async remove(site: SiteEntity, widget: WidgetEntity): Promise<void> {
    await this.transactions.write((manager) => manager.softDelete(WidgetEntity, { id: widget.id }));
    this.#tell(site.id);
  }

  /** Brings back a widget that was put aside, as it was. */
  async bringBack(site: SiteEntity, widget: WidgetEntity): Promise<void> {
    await this.transactions.write((manager) => manager.restore(WidgetEntity, { id: widget.id }));
    this.#tell(site.id);
  }

  /** What of a widget was published, the newest first. */
  versions(widget: WidgetEntity): Promise<VersionEntity[]> {
    const where = { widgetId: widget.id };
    return this.dataSource.getRepository(VersionEntity).find({ where, order: { number: 'DESC' } });
  }

  /** Makes an earlier version the draft again; what was the draft is a save before it, and visitors see no change yet. */
  async restore(widget: WidgetEntity, number: number, base: number): Promise<WidgetEntity> {
    const version = await this.dataSource
      .getRepository(VersionEntity)
      .findOneBy({ widgetId: widget.id, number });
    if (!version) throw new NotFoundException(`There is no version ${number} of this widget.`);
    return this.saveDraft(widget, base, version.document);
  }

  /** The published version of each widget of a site that has one. */
  async published(siteId: string): Promise<{ widget: WidgetEntity; version: VersionEntity }[]> {
    const widgets = await this.dataSource.getRepository(WidgetEntity).findBy({ siteId });
    const live = widgets.filter(({ publishedNumber }) => publishedNumber !== null);
    const versions = await this.dataSource
      .getRepository(VersionEntity)
      .findBy(live.map(({ id, publishedNumber }) => ({ widgetId: id, number: publishedNumber as number })));
    return live.flatMap((widget) => {
      const version = versions.find(({ widgetId }) => widgetId === widget.id);
      return version ? [{ widget, version }] : [];
    });
  }

  /** The document that visitors of a site get of a widget; `null` where they get none. */
  async publishedDocument(site: SiteEntity, id: string): Promise<WidgetDocument | null> {
    const widget = await this.oneOf(site, id);
    if (!widget || widget.publishedNumber === null) return null;
    const version = await this.dataSource
      .getRepository(VersionEntity)
      .findOneBy({ widgetId: id, number: widget.publishedNumber });
    return version?.document ?? null;
  }

  async #usable(document: unknown, before?: WidgetDocument): Promise<WidgetDocument> {
    const usable = checked(document, before);
    await this.patterns.check(usable);
    return usable;
  }

  #tell(siteId: string): void {
    for (const listener of this.#listeners) listener(siteId);
  }
}

function checked(document: unknown, before?: WidgetDocument): WidgetDocument {
  const result = validateDocument(document, before);
  if (result.ok) return result.document;
  const [first] = result.problems;
  const message = `The document can't be used: ${first?.path || 'it'} ${first?.reason}`;
  throw new BadRequestException({ statusCode: 400, message, problems: result.problems });
}

function refuseStale(current: WidgetEntity, base: number, now: number): void {
  if (current.draftVersion === base) return;
  throw new ConflictException({
    statusCode: 409,
    message:
      'This widget was saved elsewhere since you opened it. Load that version, or keep yours as a copy.',
    yours: { version: base, at: now },
    saved: { version: current.draftVersion, at: current.draftSavedAt },
  });
}
