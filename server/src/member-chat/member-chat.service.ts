import { withoutCards } from '@sirene/core/chat';
import {
  BadRequestException,
  ForbiddenException,
  Inject,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import { ChatHub } from '../chat/chat.hub.js';
import { Identities, type Identity } from '../chat/identities.js';
import { longestWait } from '../chat/waiting.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { knownPerson } from '../people/known-person.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FollowMembersDto, SayToMemberDto } from './dto/member-chat.dto.js';
import {
  isBlockedBetween,
  lookedAt,
  messagesIn,
  removedIn,
  threadOf,
  threadsOf,
  writeToMember,
} from './threads.js';

/** Most members that a search tells. */
const mostFound = 20;
/** Most reports of one member within a day. */
const mostReports = 20;
const dayMs = 86_400_000;
/** Within so long somebody counts as heard of, ms. */
const heardMs = 3_600_000;

const meet = `INSERT INTO chat_member (siteId, id, name, personId, heardAt) VALUES (@site, @id, @name, @person, @at)
  ON CONFLICT (siteId, id) DO UPDATE SET name = excluded.name, personId = excluded.personId, heardAt = excluded.heardAt`;

const findMembers = `SELECT id, name FROM chat_member
  WHERE siteId = @site AND id <> @me AND barredAt IS NULL AND name LIKE @words ESCAPE '\\'
    AND NOT EXISTS (SELECT 1 FROM member_block WHERE siteId = @site AND byId = chat_member.id AND blockedId = @me)
  ORDER BY name COLLATE NOCASE, id LIMIT ${mostFound}`;

/** Under what a member waits for what happens in any of their threads. */
export const memberKey = (siteId: string, member: string): string => `member ${siteId} ${member}`;

/** The members' side of what they write each other: who they are is said in a token that the site's own server signs. */
@Injectable()
export class MemberChatService {
  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly identities: Identities,
    private readonly hub: ChatHub,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * What a member is told: their threads, and of the one that is open all behind a message. Asked to wait, it is answered once
   * there is something to tell.
   *
   * @param gone aborted once nobody waits for the answer any more
   */
  async follow(site: SiteEntity, asked: FollowMembersDto, gone: AbortSignal) {
    const me = await this.#member(site, asked.identity);
    await this.#look(site, me, asked);
    const key = memberKey(site.id, me.id);
    // From the look until it waits nothing else runs, so that nothing is missed between the two.
    const known = this.#known(site, me, asked);
    if (!asked.wait || known.mark !== asked.mark || known.messages.length > 0) return known;
    await this.hub.wait([key], longestWait, gone);
    return this.#known(site, me, asked);
  }

  /** Stores what a member writes to another; sent again with the same id, it is stored once. */
  async say(site: SiteEntity, { identity, to, message }: SayToMemberDto): Promise<void> {
    const me = await this.#member(site, identity);
    this.#refuseBarred(site, me.id);
    this.#refuseStranger(site, me.id, to);
    if (isBlockedBetween(this.connection.bare, site.id, me.id, to))
      throw new ForbiddenException('This member can’t be written to.');
    const { id, text } = message;
    if (text.trim() === '') throw new BadRequestException('message.text must not be empty');
    const written = { from: me.id, to, message: id, text: withoutCards(text), at: this.clock.now() };
    await this.groups.add((database) => writeToMember(database, site.id, written));
    this.#tell(site.id, me.id, to);
  }

  /** Members whose names hold these words, but for those who have blocked whoever asks. */
  async find(site: SiteEntity, identity: string, words: string): Promise<{ id: string; name: string }[]> {
    const me = await this.#member(site, identity);
    const like = `%${words.replace(/[\\%_]/g, '\\$&')}%`;
    return statement(this.connection.bare, findMembers).all({
      ...{ site: site.id, me: me.id, words: like },
    }) as { id: string; name: string }[];
  }

  /** Blocks another, or does so no more: neither can write to the other. */
  async block(site: SiteEntity, identity: string, other: string, isBlocked: boolean): Promise<void> {
    const me = await this.#member(site, identity);
    this.#refuseStranger(site, me.id, other);
    const sql = isBlocked
      ? 'INSERT INTO member_block (siteId, byId, blockedId) VALUES (?, ?, ?) ON CONFLICT DO NOTHING'
      : 'DELETE FROM member_block WHERE siteId = ? AND byId = ? AND blockedId = ?';
    await this.groups.add((database) => statement(database, sql).run(site.id, me.id, other));
    this.#tell(site.id, me.id);
  }

  /** Tells the desk of what another has written; it reads the thread from then on. */
  async report(site: SiteEntity, identity: string, other: string, reason: string): Promise<void> {
    const me = await this.#member(site, identity);
    const thread = threadOf(this.connection.bare, site.id, me.id, other);
    if (thread === undefined) throw new NotFoundException('There is nothing to report: nobody has written.');
    const now = this.clock.now();
    await this.groups.add((database) => {
      const count = statement(
        database,
        'SELECT count(*) FROM member_report WHERE siteId = ? AND byId = ? AND at > ?',
      )
        .pluck()
        .get(site.id, me.id, now - dayMs) as number;
      if (count >= mostReports)
        throw new ForbiddenException('You have reported much today. Try again tomorrow.');
      statement(
        database,
        'INSERT INTO member_report (id, siteId, threadId, byId, aboutId, reason, at) VALUES (?, ?, ?, ?, ?, ?, ?)',
      ).run(newId('report'), site.id, thread, me.id, other, reason, now);
    });
  }

  /** Who asks, as far as members may write to each other here. Who has not been heard of is known from then on. */
  async #member(site: SiteEntity, token: string): Promise<Identity> {
    const isOn = statement(this.connection.bare, 'SELECT memberChat FROM site WHERE id = ?')
      .pluck()
      .get(site.id);
    if (isOn !== 1) throw new ForbiddenException('Members of this site do not write to each other.');
    const me = await this.identities.of(site, token);
    if (!me) throw new UnauthorizedException('identity: is missing');
    const name = me.name || me.id.slice(0, 40);
    await this.#meet(site, me, name);
    return { ...me, name };
  }

  // Heard of a moment ago, nothing is written: who follows asks again and again.
  async #meet(site: SiteEntity, { id, name: given, email }: Identity, name: string): Promise<void> {
    const at = this.clock.now();
    const known = statement(
      this.connection.bare,
      'SELECT name, heardAt FROM chat_member WHERE siteId = ? AND id = ?',
    ).get(site.id, id) as { name: string; heardAt: number } | undefined;
    if (known?.name === name && known.heardAt > at - heardMs) return;
    await this.groups.add((database) => {
      const person = knownPerson(database, { siteId: site.id, email, phone: '', name: given, at });
      statement(database, meet).run({ site: site.id, id, name, person, at });
    });
  }

  #known(site: SiteEntity, me: Identity, { other, after }: FollowMembersDto) {
    const database = this.connection.bare;
    const thread = other === undefined ? undefined : threadOf(database, site.id, me.id, other);
    const messages = thread === undefined ? [] : messagesIn(database, thread, after);
    const removed = thread === undefined ? [] : removedIn(database, thread, after);
    return {
      me: { id: me.id, name: me.name },
      threads: threadsOf(database, site.id, me.id).map((one) => ({
        other: { id: one.otherId, name: one.otherName },
        last: { text: one.lastText, isMine: one.lastBy === me.id, at: one.lastAt },
        unread: Math.max(0, one.lastSeq - one.seen),
        isBlocked: one.isBlocked === 1,
      })),
      after,
      messages: messages.map(({ seq, id, byId, text, at, removedAt }) => ({
        ...{ seq, id, text, at, isMine: byId === me.id, isRemoved: removedAt !== null },
      })),
      removed,
      mark: String(this.hub.countOf(memberKey(site.id, me.id))),
    };
  }

  async #look(site: SiteEntity, me: Identity, { other, seen = 0 }: FollowMembersDto): Promise<void> {
    const thread = other && threadOf(this.connection.bare, site.id, me.id, other);
    if (!thread || seen === 0) return;
    const isNew = await this.groups.add((database) => lookedAt(database, thread, me.id, other, seen));
    if (isNew) this.#tell(site.id, me.id);
  }

  #refuseBarred(site: SiteEntity, id: string): void {
    const barred = statement(
      this.connection.bare,
      'SELECT barredAt FROM chat_member WHERE siteId = ? AND id = ?',
    )
      .pluck()
      .get(site.id, id);
    if (typeof barred === 'number')
      throw new ForbiddenException('You can’t write here any more. Ask the site’s owner.');
  }

  #refuseStranger(site: SiteEntity, me: string, other: string): void {
    const isThere =
      other !== me &&
      statement(this.connection.bare, 'SELECT 1 FROM chat_member WHERE siteId = ? AND id = ?').get(
        site.id,
        other,
      );
    if (!isThere) throw new NotFoundException('There is no such member.');
  }

  #tell(siteId: string, ...members: string[]): void {
    for (const member of members) {
      const key = memberKey(siteId, member);
      this.hub.count(key);
      this.hub.tell(key);
    }
  }
}
