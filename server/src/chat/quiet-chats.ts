import { Inject, Injectable, Logger, NotFoundException, type OnApplicationShutdown } from '@nestjs/common';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { Mailer } from '../mail/mailer.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { Automations } from './automations.js';
import type { ConversationEntity } from './chat.entity.js';
import { deskMail } from './desk-mail.js';
import { Happenings } from './happenings.js';
import { PublishedChats, type PublishedChat } from './published-chats.js';

/** How often it is looked, ms. */
const everyMs = 60_000;

/** How often it is looked what is to be deleted, ms. */
const forgetMs = 3_600_000;

const minuteMs = 60_000;
const hourMs = 60 * minuteMs;
const dayMs = 24 * hourMs;

const goingChats = `SELECT DISTINCT siteId, widgetId FROM conversation WHERE state <> 'closed'`;

const allChats = 'SELECT DISTINCT siteId, widgetId FROM conversation';

// What was sent along goes with it: its contents belong to no file any more (files.service.ts).
const forgetOld = `DELETE FROM conversation
  WHERE siteId = @siteId AND widgetId = @widgetId AND state = 'closed' AND lastAt <= @before`;

const endQuiet = `UPDATE conversation SET state = 'closed', closedAt = @now, snoozedUntil = NULL
  WHERE siteId = @siteId AND widgetId = @widgetId AND state = 'open' AND lastFrom = 'desk' AND lastAt <= @before
    AND snoozedUntil IS NULL
  RETURNING id, siteId, visitor, widgetId`;

// Once for each message that nobody answers.
const remindOf = `UPDATE conversation SET remindedAt = @now
  WHERE siteId = @siteId AND widgetId = @widgetId AND state <> 'closed' AND lastFrom = 'visitor' AND lastAt <= @before
    AND coalesce(remindedAt, 0) < lastAt AND snoozedUntil IS NULL
  RETURNING id, name, email, lastText`;

/** What a chat does by itself once it has been quiet for a while: conversations end, and somebody is told that no answer came. */
@Injectable()
export class QuietChats implements OnApplicationShutdown {
  readonly #logger = new Logger('Chats');
  #timers: NodeJS.Timeout[] = [];

  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly sites: SitesService,
    private readonly chats: PublishedChats,
    private readonly automations: Automations,
    private readonly happenings: Happenings,
    private readonly mailer: Mailer,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Looks once a minute, and once an hour for what is to be deleted. */
  start(): void {
    const every = (ms: number, work: () => Promise<void>) => {
      const run = () => {
        work().catch((error: unknown) => this.#logger.error(error));
      };
      this.#timers.push(setInterval(run, ms).unref());
    };
    every(everyMs, () => this.look());
    every(forgetMs, () => this.forget());
  }

  onApplicationShutdown(): void {
    this.#timers.forEach(clearInterval);
  }

  /** Goes through the chats in which something is going on. */
  async look(): Promise<void> {
    for (const { site, widgetId, chat } of await this.#chats(goingChats)) {
      const { rule } = chat;
      await this.automations.look(site, widgetId, chat);
      if (rule.endAfter !== undefined) await this.#end(site, widgetId, rule.endAfter);
      if (rule.remind !== undefined && rule.remindAfter !== undefined)
        await this.#remind(site, widgetId, rule.remindAfter, rule.remind);
    }
  }

  /** Deletes what has been over for as long as its chat says. */
  async forget(): Promise<void> {
    for (const { site, widgetId, chat } of await this.#chats(allChats)) {
      const { keepFor } = chat.rule;
      if (keepFor === undefined) continue;
      const at = { siteId: site.id, widgetId, before: this.clock.now() - keepFor * dayMs };
      await this.groups.add((database) => statement(database, forgetOld).run(at));
    }
  }

  async #chats(which: string): Promise<{ site: SiteEntity; widgetId: string; chat: PublishedChat }[]> {
    type Going = Pick<ConversationEntity, 'siteId' | 'widgetId'>;
    const found: { site: SiteEntity; widgetId: string; chat: PublishedChat }[] = [];
    for (const { siteId, widgetId } of statement(this.connection.bare, which).all() as Going[]) {
      const site = await this.sites.byId(siteId);
      const chat = site && (await this.#chatOf(site, widgetId));
      if (site && chat) found.push({ site, widgetId, chat });
    }
    return found;
  }

  // A chat that is published no more has no rules.
  async #chatOf(site: SiteEntity, widgetId: string): Promise<PublishedChat | null> {
    try {
      return await this.chats.of(site, widgetId);
    } catch (error) {
      if (error instanceof NotFoundException) return null;
      throw error;
    }
  }

  async #end(site: SiteEntity, widgetId: string, hours: number): Promise<void> {
    const now = this.clock.now();
    const at = { siteId: site.id, widgetId, now, before: now - hours * hourMs };
    const ended = await this.groups.add((database) => statement(database, endQuiet).all(at));
    for (const one of ended as ConversationEntity[]) this.happenings.happened(one);
  }

  async #remind(site: SiteEntity, widgetId: string, minutes: number, to: string): Promise<void> {
    const now = this.clock.now();
    const at = { siteId: site.id, widgetId, now, before: now - minutes * minuteMs };
    const waiting = await this.groups.add((database) => statement(database, remindOf).all(at));
    for (const one of waiting as ConversationEntity[])
      try {
        const why = `No answer for ${minutes} minutes`;
        await this.mailer.send(deskMail(this.config.origin, site, to, why, one));
      } catch (error) {
        this.#logger.warn(`Nobody could be told that ${one.id} waits: ${(error as Error).message}`);
        // Tried again with the next look.
        await this.groups.add((database) =>
          statement(database, 'UPDATE conversation SET remindedAt = NULL WHERE id = ?').run(one.id),
        );
      }
  }
}
