import { createHash } from 'node:crypto';
import {
  BadRequestException,
  Inject,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { Assigning } from '../chat/assigning.js';
import { Automations } from '../chat/automations.js';
import { Happenings, type Whose } from '../chat/happenings.js';
import { PublishedChats } from '../chat/published-chats.js';
import { lastOf } from '../chat/read-conversation.js';
import { beginConversation, visitorOf, writeMessage } from '../chat/write-conversation.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { ServicesService } from '../services/services.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { isGenuine, type Message } from '../webhooks/signature.js';
import { eventOf, type MessengerEvent } from './messenger-event.js';
import { MessengerClient } from './messenger-client.js';

type Received = Extract<MessengerEvent, { type: 'message.received' }>['data'];

const insertBridged = `INSERT INTO bridged (conversationId, siteId, contact) VALUES (?, ?, ?)`;

const lastChatOf = `SELECT c.widgetId FROM bridged b JOIN conversation c ON c.id = b.conversationId
  WHERE b.siteId = ? AND b.contact = ? ORDER BY c.lastAt DESC LIMIT 1`;

const conversationWith = `SELECT b.conversationId FROM bridged b JOIN chat_message m ON m.conversationId = b.conversationId
  WHERE b.siteId = ? AND b.contact = ? AND m.id = ?`;

const publishedWidgets = `SELECT id FROM widget
  WHERE siteId = ? AND publishedNumber IS NOT NULL AND deletedAt IS NULL ORDER BY id`;

/** What people write by an outside messenger stands at the desk, as any conversation. */
@Injectable()
export class BridgeService {
  /** Test events that have come and were signed as they have to be. */
  readonly #tests = new LRUCache<string, true>({ max: 1000 });

  constructor(
    private readonly services: ServicesService,
    private readonly client: MessengerClient,
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly chats: PublishedChats,
    private readonly assigning: Assigning,
    private readonly automations: Automations,
    private readonly happenings: Happenings,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Takes what the site's messenger tells. It counts only when it is signed and of this moment; told again, it counts once.
   *
   * @throws UnauthorizedException where it is not signed with the site's key; BadRequestException where it is nothing known
   */
  async take(site: SiteEntity, message: Message, signatures: string): Promise<void> {
    const account = await this.services.of(site, 'messenger');
    const now = Math.floor(this.clock.now() / 1000);
    if (!account || !isGenuine(message, signatures, [account.signingKey], now))
      throw new UnauthorizedException('The signature is not that of the site’s messenger.');
    const event = eventOf(message.body);
    if (typeof event === 'string') throw new BadRequestException(event);
    if (event.type === 'channel.test') this.#tests.set(`${site.id} ${message.id}`, true);
    else await this.#receive(site, event.data);
  }

  /** Whether a test event has come, signed as it has to be. */
  hasHeard(site: SiteEntity, id: string): boolean {
    return this.#tests.has(`${site.id} ${id}`);
  }

  /** The page of the messenger on which a visitor writes to a chat. Refuses where the site has no messenger. */
  async linkTo(site: SiteEntity, widgetId: string, page: string): Promise<string> {
    await this.chats.of(site, widgetId);
    const account = await this.services.of(site, 'messenger');
    if (!account) throw new NotFoundException('This site has no messenger.');
    const { link } = await this.client.channel(account);
    const url = new URL(link);
    url.searchParams.set('ref', widgetId);
    if (page !== '') url.searchParams.set('page', page);
    return url.href;
  }

  async #receive(site: SiteEntity, data: Received): Promise<void> {
    const { from, text, page = '' } = data;
    const widgetId = await this.#chatOf(site, data);
    const chat = await this.chats.of(site, widgetId);
    // Nobody else's token hashes to it: a visitor's has no such beginning.
    const visitor = visitorOf(`messenger ${site.id} ${from.id}`);
    const whose: Whose = { siteId: site.id, visitor, widgetId };
    const { id, tell } = await this.groups.add((database) => {
      const at = this.clock.now();
      const last = lastOf(database, whose);
      const going = last?.state === 'closed' ? undefined : last;
      const message = {
        id: idOf(data.id),
        sender: 'visitor' as const,
        byId: null,
        name: from.name,
        at,
        text,
      };
      // Told again, it stands there already, though that conversation may be over.
      const known = statement(database, conversationWith).pluck().get(site.id, from.id, message.id);
      if (known !== undefined) return { id: known as string, tell: () => undefined };
      const begin = () => {
        const assigneeId = this.assigning.assignee(database, whose, chat, { answers: [], page });
        const begun = { ...whose, widgetName: chat.name, name: from.name, email: '', page, pageTitle: '' };
        const made = beginConversation(database, { ...begun, assigneeId, channel: 'messenger' }, at);
        statement(database, insertBridged).run(made, site.id, from.id);
        return made;
      };
      const conversation = going?.id ?? begin();
      writeMessage(database, conversation, message);
      const tell = this.automations.written(database, site, chat, conversation, { text, isFirst: !going });
      return { id: conversation, tell };
    });
    tell();
    this.happenings.happened({ ...whose, id });
  }

  /** The chat that somebody writes to: that whose link they came by, the one that they wrote to last, or the site's first. */
  async #chatOf(site: SiteEntity, { ref, from }: Received): Promise<string> {
    const database = this.connection.bare;
    const last = statement(database, lastChatOf).pluck().get(site.id, from.id) as string | undefined;
    const first = statement(database, publishedWidgets).pluck().all(site.id) as string[];
    for (const widget of [ref, last, ...first]) {
      if (widget === undefined) continue;
      try {
        await this.chats.of(site, widget);
        return widget;
      } catch (error) {
        if (!(error instanceof NotFoundException)) throw error;
      }
    }
    throw new BadRequestException('The site has published no chat.');
  }
}

/** A message's id of our own form, the same for the same message. */
const idOf = (id: string): string => createHash('sha256').update(id).digest('hex').slice(0, 32);
