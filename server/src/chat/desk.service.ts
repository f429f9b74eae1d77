import {
  chatReport,
  type ChatReport,
  type ChatSigns as Signs,
  type ReportedConversation,
} from '@sirene/core/chat';
import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { DataSource } from 'typeorm';
import { MemberEntity, type UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { Transactions } from '../database/transactions.js';
import { statement } from '../database/statements.js';
import { FilesService } from '../files/files.service.js';
import { LeadsService } from '../leads/leads.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { AnswerMails } from './answer-mails.js';
import { ConversationEntity } from './chat.entity.js';
import { ChatHub } from './chat.hub.js';
import { ChatSigns } from './chat.signs.js';
import type { ChangeConversationDto, DeskMessageDto, SinceDto, shownConversations } from './dto/desk.dto.js';
import { awayKey, deskKey, Happenings, openKey, visitorKey } from './happenings.js';
import { DeskGroups } from './desk-groups.service.js';
import { journeyOf, lastVisitOf } from './journey.js';
import { conversationOf, findConversation, messagesOf } from './read-conversation.js';
import { SitePresence } from './site-presence.js';
import { VisitorPresence } from './visitor-presence.js';
import { writeMessage } from './write-conversation.js';

const dayMs = 86_400_000;

/** Most conversations that the desk lists. */
const most = 5000;

const which: Readonly<Record<(typeof shownConversations)[number], string>> = {
  going: `one.state IN ('waiting', 'open') AND (one.snoozedUntil IS NULL OR one.snoozedUntil <= :now)`,
  snoozed: `one.state IN ('waiting', 'open') AND one.snoozedUntil > :now`,
  closed: `one.state = 'closed'`,
};

/** The desk's side of conversations. */
@Injectable()
export class DeskService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly connection: Connection,
    private readonly transactions: Transactions,
    private readonly groups: GroupWriter,
    private readonly hub: ChatHub,
    private readonly signs: ChatSigns,
    private readonly happenings: Happenings,
    private readonly presence: SitePresence,
    private readonly visitors: VisitorPresence,
    private readonly files: FilesService,
    private readonly leads: LeadsService,
    private readonly mails: AnswerMails,
    private readonly groupsOf: DeskGroups,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The conversations of a site, those that something happened to last first. */
  async list(site: SiteEntity, state: (typeof shownConversations)[number]): Promise<ConversationEntity[]> {
    const all = await this.dataSource
      .getRepository(ConversationEntity)
      .createQueryBuilder('one')
      .where('one.siteId = :site', { site: site.id })
      .andWhere(which[state], { now: this.clock.now() })
      .orderBy('one.lastAt', 'DESC')
      .limit(most)
      .getMany();
    return all.map((one) => this.#awake(one));
  }

  /** One conversation as the desk sees it, with all behind a message. */
  read(site: SiteEntity, id: string, after: number) {
    const conversation = conversationOf(this.connection.bare, site, id);
    const messages = messagesOf(this.connection.bare, id, after, true);
    const undelivered = this.#undelivered(conversation);
    return {
      ...{ conversation: this.#awake(conversation), after, messages, undelivered },
      journey: journeyOf(this.connection.bare, id),
      ...this.#signsOf(conversation),
    };
  }

  /** How the conversations of the last days went. */
  report(site: SiteEntity, days: number): ChatReport {
    const rows = statement(
      this.connection.bare,
      'SELECT startedAt, answeredAt, closedAt, rating FROM conversation WHERE siteId = ? AND startedAt >= ?',
    ).all(site.id, this.clock.now() - days * dayMs) as ReportedConversation[];
    return chatReport(rows);
  }

  /** What one person wrote before in other conversations, the latest first. */
  async earlier(site: SiteEntity, id: string): Promise<ConversationEntity[]> {
    const { personId } = conversationOf(this.connection.bare, site, id);
    if (personId === null) return [];
    const all = await this.dataSource
      .getRepository(ConversationEntity)
      .find({ where: { siteId: site.id, personId }, order: { startedAt: 'DESC' }, take: 20 });
    return all.filter((one) => one.id !== id);
  }

  /** Stores what somebody at the desk wrote, as an answer or as a note of their own. */
  async say(
    site: SiteEntity,
    id: string,
    user: UserEntity,
    { message, note }: DeskMessageDto,
  ): Promise<void> {
    const conversation = conversationOf(this.connection.bare, site, id);
    if (conversation.state === 'closed' && !note)
      throw new ConflictException('This conversation has ended. Reopen it to answer.');
    const isNew = await this.groups.add((database) => {
      const file = message.file === undefined ? null : this.files.sendIn(database, site.id, id, message.file);
      const text = file?.name ?? message.text;
      return writeMessage(database, id, {
        ...{ id: message.id, text, file, byId: user.id, name: user.name, at: this.clock.now() },
        sender: note ? 'note' : 'desk',
      });
    });
    this.signs.sent('desk', id);
    this.happenings.happened(conversation);
    if (isNew && !note && !this.#isVisitorHere(conversation))
      await this.mails.answer(site, conversation, message.text, user);
  }

  /** Somebody at the desk presses keys. */
  types(site: SiteEntity, id: string, user: UserEntity): void {
    const conversation = conversationOf(this.connection.bare, site, id);
    this.signs.type('desk', id, user.name, visitorKey(conversation));
  }

  /** Takes a conversation on, hands it to somebody, lets it rest, ends it or opens it again. */
  async change(site: SiteEntity, id: string, change: ChangeConversationDto): Promise<void> {
    const { assignee, group, state, snoozedUntil, tags } = change;
    const conversation = conversationOf(this.connection.bare, site, id);
    if ([assignee, group, state, snoozedUntil, tags].every((one) => one === undefined)) return;
    await this.transactions.write(async (manager) => {
      const isOver = state === 'closed';
      if (assignee && !(await manager.existsBy(MemberEntity, { siteId: site.id, userId: assignee })))
        throw new NotFoundException('There is no such member of the site.');
      if (group && !this.groupsOf.of(site).some(({ id: one }) => one === group))
        throw new NotFoundException('There is no such group.');
      if (state === 'open' && conversation.state === 'closed' && (await this.#isAnotherGoing(conversation)))
        throw new ConflictException('This visitor has begun another conversation: go on with that one.');
      await manager.update(ConversationEntity, id, {
        // One of the group takes it on.
        ...(group !== undefined && { groupId: group, ...(group !== null && { assigneeId: null }) }),
        ...(assignee !== undefined && { assigneeId: assignee, ...(assignee !== null && { groupId: null }) }),
        ...(assignee && conversation.state === 'waiting' && { state: 'open' as const }),
        ...(state !== undefined && { state, closedAt: isOver ? this.clock.now() : null, snoozedUntil: null }),
        ...(snoozedUntil !== undefined && { snoozedUntil }),
        ...(tags !== undefined && { tags: JSON.stringify([...new Set(tags.map((tag) => tag.trim()))]) }),
      });
    });
    this.happenings.happened(conversation);
  }

  /** Makes a lead of whoever writes; made already, it is that one. */
  async makeLead(site: SiteEntity, id: string, user: UserEntity): Promise<{ lead: string }> {
    const { personId, leadId, name, email, widgetName } = conversationOf(this.connection.bare, site, id);
    if (leadId !== null) return { lead: leadId };
    if (personId === null)
      throw new BadRequestException('Nothing says who this visitor is: ask for an e-mail address first.');
    const stages = await this.leads.board(site);
    const stage = stages.stages[0]?.id ?? '';
    const title = `${widgetName}: ${name || email}`.slice(0, 200);
    const lead = await this.leads.create(site, { person: personId, stage, title }, user.id);
    await this.transactions.writeBare((database) =>
      statement(database, 'UPDATE conversation SET leadId = ? WHERE id = ?').run(lead.id, id),
    );
    return { lead: lead.id };
  }

  /**
   * Waits until something happens to any conversation of a site, or to the one that is open.
   *
   * @returns the count by then, and how the open one stands
   */
  async waits(site: SiteEntity, user: UserEntity, asked: SinceDto, ms: number, gone: AbortSignal) {
    const { since, open, mark, away = false } = asked;
    this.#hear(site, user, away);
    await this.#see(site, asked);
    const key = deskKey(site.id);
    // From the look until it waits nothing else runs, so that nothing is missed between the two.
    const known = this.#standing(site, open);
    if (since === this.hub.countOf(key) && mark === known?.mark) {
      const keys = [away ? awayKey(site.id) : key, ...(open === undefined ? [] : [openKey(open)])];
      await this.hub.wait(keys, ms, gone);
      this.#hear(site, user, away);
    }
    return { count: this.hub.countOf(key), open: this.#standing(site, open) };
  }

  #hear(site: SiteEntity, { id }: UserEntity, away: boolean): void {
    if (away) this.presence.away(site.id, id);
    else this.presence.heard(site.id, id);
  }

  async #see(site: SiteEntity, { open, seen = 0 }: SinceDto): Promise<void> {
    if (open === undefined || seen === 0) return;
    const found = findConversation(this.connection.bare, site, open);
    if (!found || seen <= found.deskSeen || seen > found.lastSeq) return;
    await this.groups.add((database) =>
      statement(database, 'UPDATE conversation SET deskSeen = max(deskSeen, ?) WHERE id = ?').run(seen, open),
    );
    this.hub.tell(visitorKey(found));
  }

  #standing(site: SiteEntity, open: string | undefined) {
    const found = open === undefined ? undefined : findConversation(this.connection.bare, site, open);
    if (!found) return null;
    const signs = this.#signsOf(found);
    const { state, assigneeId, lastSeq } = found;
    // As long as its words: a mark is short.
    const trouble = (this.#undelivered(found) ?? '').length;
    const seen = lastVisitOf(this.connection.bare, found.id)?.at ?? 0;
    const marks = [open, state, assigneeId, lastSeq, signs.typing, signs.seen, signs.isHere, trouble, seen];
    return { ...signs, mark: marks.join(' ') };
  }

  // Why an answer has not gone out by the messenger yet.
  #undelivered({ id, channel }: ConversationEntity): string | null {
    if (channel === 'page') return null;
    const select = 'SELECT error FROM bridged WHERE conversationId = ?';
    return (statement(this.connection.bare, select).pluck().get(id) ?? null) as string | null;
  }

  #signsOf(conversation: ConversationEntity): Signs {
    return {
      typing: this.signs.typing('visitor', conversation.id),
      seen: conversation.visitorSeen,
      isHere: this.#isVisitorHere(conversation),
    };
  }

  // A rest that is over is none.
  #awake(one: ConversationEntity): ConversationEntity {
    if (one.snoozedUntil !== null && one.snoozedUntil <= this.clock.now()) one.snoozedUntil = null;
    return one;
  }

  #isVisitorHere(conversation: ConversationEntity): boolean {
    return this.visitors.isHere(visitorKey(conversation));
  }

  #isAnotherGoing({ siteId, visitor, widgetId }: ConversationEntity): Promise<boolean> {
    return this.dataSource
      .getRepository(ConversationEntity)
      .createQueryBuilder('one')
      .where({ siteId, visitor, widgetId })
      .andWhere(`one.state <> 'closed'`)
      .getExists();
  }
}
