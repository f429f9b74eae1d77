import type { ChatMessage } from '@sirene/core/chat';
import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { MemberEntity, type UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ConversationEntity } from './chat.entity.js';
import { ChatHub } from './chat.hub.js';
import type { ChangeConversationDto, VisitorMessageDto } from './dto/chat.dto.js';
import { beginConversation, visitorOf, writeMessage } from './write-conversation.js';

/** Most conversations that the desk lists. */
const most = 200;

/** Whose conversation one is, and by way of which widget. */
type Whose = Pick<ConversationEntity, 'siteId' | 'visitor' | 'widgetId'>;

/** Conversations of a site: what both sides write is stored in one order, once, before it is acknowledged. */
@Injectable()
export class ChatService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly hub: ChatHub,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Stores what a visitor wrote; begins a conversation where none is going on. */
  async visitorSays(site: SiteEntity, said: VisitorMessageDto): Promise<void> {
    const visitor = visitorOf(said.token);
    const { name = '', email = '', page, title: pageTitle, message } = said;
    const of = { siteId: site.id, visitor, widgetId: said.widget };
    await this.transactions.writeBare((database) => {
      this.#refuseUnpublished(database, of);
      const at = this.clock.now();
      const begin = () => {
        const widgetName = this.#nameOf(database, said.widget);
        return beginConversation(database, { ...of, widgetName, name, email, page, pageTitle }, at);
      };
      const id = this.#going(database, of) ?? begin();
      writeMessage(database, id, { ...message, sender: 'visitor', byId: null, name, at });
    });
    this.#tell(of);
  }

  /** What a visitor is told: all behind a message of the conversation that they know, or all of the last one. */
  async visitorReads(
    site: SiteEntity,
    {
      token,
      widget,
      after,
      conversation,
    }: { token: string; widget: string; after: number; conversation?: string },
  ) {
    const last = await this.dataSource.getRepository(ConversationEntity).findOne({
      where: { siteId: site.id, visitor: visitorOf(token), widgetId: widget },
      order: { startedAt: 'DESC', id: 'DESC' },
    });
    if (!last) return { conversation: null, state: 'none' as const, after: 0, messages: [] };
    const from = last.id === conversation ? after : 0;
    const messages = await this.#messages(last.id, from, false);
    return { conversation: last.id, state: last.state, after: from, messages };
  }

  /** Waits until something happens to a visitor's conversation. */
  visitorWaits(
    site: SiteEntity,
    token: string,
    widget: string,
    ms: number,
    gone: AbortSignal,
  ): Promise<void> {
    return this.hub.wait(visitorKey(site.id, visitorOf(token), widget), ms, gone);
  }

  /** The conversations of a site, those that something happened to last first. */
  list(site: SiteEntity, state: 'going' | 'closed'): Promise<ConversationEntity[]> {
    const query = this.dataSource
      .getRepository(ConversationEntity)
      .createQueryBuilder('one')
      .where('one.siteId = :site', { site: site.id });
    return query
      .andWhere(state === 'closed' ? `one.state = 'closed'` : `one.state IN ('waiting', 'open')`)
      .orderBy('one.lastAt', 'DESC')
      .limit(most)
      .getMany();
  }

  /** One conversation as the desk sees it, with all behind a message. */
  async read(site: SiteEntity, id: string, after: number) {
    const conversation = await this.#of(site, id);
    return { conversation, after, messages: await this.#messages(id, after, true) };
  }

  /** Stores what somebody at the desk wrote, as an answer or as a note of their own. */
  async deskSays(
    site: SiteEntity,
    id: string,
    user: UserEntity,
    { message, note }: { message: { id: string; text: string }; note: boolean },
  ): Promise<void> {
    const conversation = await this.#of(site, id);
    if (conversation.state === 'closed' && !note)
      throw new ConflictException('This conversation has ended. Reopen it to answer.');
    await this.transactions.writeBare((database) =>
      writeMessage(database, id, {
        ...{ ...message, byId: user.id, name: user.name, at: this.clock.now() },
        sender: note ? 'note' : 'desk',
      }),
    );
    this.#tell(conversation);
  }

  /** Takes a conversation on, hands it to somebody, ends it or opens it again. */
  async change(site: SiteEntity, id: string, { assignee, state }: ChangeConversationDto): Promise<void> {
    const conversation = await this.#of(site, id);
    if (assignee === undefined && state === undefined) return;
    await this.transactions.write(async (manager) => {
      const isOver = state === 'closed';
      if (assignee && !(await manager.existsBy(MemberEntity, { siteId: site.id, userId: assignee })))
        throw new NotFoundException('There is no such member of the site.');
      if (state === 'open' && conversation.state === 'closed' && (await this.#isAnotherGoing(conversation)))
        throw new ConflictException('This visitor has begun another conversation: go on with that one.');
      await manager.update(ConversationEntity, id, {
        ...(assignee !== undefined && { assigneeId: assignee }),
        ...(assignee && conversation.state === 'waiting' && { state: 'open' as const }),
        ...(state !== undefined && { state, closedAt: isOver ? this.clock.now() : null }),
      });
    });
    this.#tell(conversation);
  }

  /**
   * Waits until something happens to any conversation of a site.
   *
   * @param since the count that is known; where it is another by now, nothing is waited for
   * @returns the count by then
   */
  async deskWaits(
    site: SiteEntity,
    since: number | undefined,
    ms: number,
    gone: AbortSignal,
  ): Promise<number> {
    if (this.hub.countOf(site.id) === since) await this.hub.wait(site.id, ms, gone);
    return this.hub.countOf(site.id);
  }

  #tell({ siteId, visitor, widgetId }: Whose): void {
    this.hub.count(siteId);
    this.hub.tell(siteId, visitorKey(siteId, visitor, widgetId));
  }

  async #of(site: SiteEntity, id: string): Promise<ConversationEntity> {
    const found = await this.dataSource.getRepository(ConversationEntity).findOneBy({ id, siteId: site.id });
    if (!found) throw new NotFoundException('There is no such conversation.');
    return found;
  }

  #isAnotherGoing({ siteId, visitor, widgetId }: ConversationEntity): Promise<boolean> {
    return this.dataSource
      .getRepository(ConversationEntity)
      .createQueryBuilder('one')
      .where({ siteId, visitor, widgetId })
      .andWhere(`one.state <> 'closed'`)
      .getExists();
  }

  #messages(conversation: string, after: number, withNotes: boolean): Promise<ChatMessage[]> {
    return this.dataSource.query(
      `SELECT seq, id, sender AS "from", name, text, at FROM chat_message
        WHERE conversationId = ? AND seq > ? ${withNotes ? '' : `AND sender <> 'note'`} ORDER BY seq`,
      [conversation, after],
    );
  }

  #refuseUnpublished(database: Database, { siteId, widgetId }: Whose): void {
    const found = statement(
      database,
      'SELECT 1 FROM widget WHERE id = ? AND siteId = ? AND publishedNumber IS NOT NULL AND deletedAt IS NULL',
    ).get(widgetId, siteId);
    if (!found) throw new NotFoundException('widget is none that this site has published');
  }

  #nameOf(database: Database, widget: string): string {
    const found = statement(database, `SELECT draft ->> 'name' AS name FROM widget WHERE id = ?`).get(widget);
    return (found as { name: string }).name;
  }

  #going(database: Database, { siteId, visitor, widgetId }: Whose): string | undefined {
    const found = statement(
      database,
      `SELECT id FROM conversation WHERE siteId = ? AND visitor = ? AND widgetId = ? AND state <> 'closed'`,
    ).get(siteId, visitor, widgetId) as { id: string } | undefined;
    return found?.id;
  }
}

const visitorKey = (site: string, visitor: string, widget: string): string => `${site} ${visitor} ${widget}`;
