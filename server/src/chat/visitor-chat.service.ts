import type { ChatSigns as Signs } from '@sirene/core/chat';
import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { CollectService } from '../collect/collect.service.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { FilesService } from '../files/files.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { Assigning } from './assigning.js';
import { Automations } from './automations.js';
import { ConversationEntity } from './chat.entity.js';
import { ChatHub } from './chat.hub.js';
import { ChatSigns } from './chat.signs.js';
import type { FollowDto, RateDto, VisitorDto, VisitorMessageDto } from './dto/visitor-chat.dto.js';
import { endConversation } from './end-conversation.js';
import { Happenings, openKey, visitorKey, type Whose } from './happenings.js';
import { Identities, type Identity } from './identities.js';
import { PublishedChats, type PublishedChat } from './published-chats.js';
import { isElsewhere, visited } from './journey.js';
import { lastOf, messagesOf } from './read-conversation.js';
import { longestWait } from './waiting.js';
import { VisitorPresence } from './visitor-presence.js';
import { beginConversation, visitorOf, writeMessage } from './write-conversation.js';

/** The visitors' side of conversations: who holds the token is the visitor, and nobody else. */
@Injectable()
export class VisitorChatService {
  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly hub: ChatHub,
    private readonly signs: ChatSigns,
    private readonly presence: VisitorPresence,
    private readonly happenings: Happenings,
    private readonly chats: PublishedChats,
    private readonly assigning: Assigning,
    private readonly automations: Automations,
    private readonly files: FilesService,
    private readonly collect: CollectService,
    private readonly identities: Identities,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Stores what a visitor wrote; begins a conversation where none is going on. Sent again with the same id, it is stored once. */
  async say(site: SiteEntity, said: VisitorMessageDto): Promise<void> {
    const chat = await this.chats.of(site, said.widget);
    const identity = await this.identities.of(site, said.identity);
    const whose = whoseOf(site, said);
    const isClosed = this.chats.stateOf(site, chat) === 'closed';
    const { message } = said;
    const given = identity?.name ?? said.name ?? '';
    const { id, tell } = await this.groups.add((database) => {
      const at = this.clock.now();
      // Asked once, they go on under the name and the address that they gave then, in the next conversation too.
      const last = lastOf(database, whose);
      const going = last?.state === 'closed' ? undefined : last;
      const [name, email] = [given || (last?.name ?? ''), said.email || (last?.email ?? '')];
      const conversation =
        going?.id ?? this.#begin(database, whose, chat, { ...said, name, email, identity }, at);
      const file =
        message.file === undefined ? null : this.files.sendIn(database, site.id, conversation, message.file);
      const text = file?.name ?? message.text;
      const isNew = writeMessage(database, conversation, {
        ...{ id: message.id, text, file, sender: 'visitor', byId: null, name, at },
      });
      const tell = isNew
        ? this.automations.written(database, site, chat, conversation, { text, isFirst: !going })
        : () => undefined;
      if (isNew && !going && isClosed) this.#leave(database, site, chat, { ...said, name, email });
      return { id: conversation, tell };
    });
    tell();
    this.signs.sent('visitor', id);
    this.happenings.happened({ ...whose, id });
  }

  /**
   * What a visitor is told: all behind a message of the conversation that they know, or all of the last one. Asked to wait, it is
   * answered once there is something to tell.
   *
   * @param gone aborted once nobody waits for the answer any more
   */
  async follow(site: SiteEntity, asked: FollowDto, gone: AbortSignal) {
    const chat = await this.chats.of(site, asked.widget);
    await this.#see(site, asked);
    await this.#follows(site, asked);
    // From the look until it waits nothing else runs, so that nothing is missed between the two.
    const known = this.#known(site, chat, asked);
    const isSame = known.mark === asked.mark && known.messages.length === 0;
    if (!isSame || !asked.wait) return known;
    const visitor = visitorKey(whoseOf(site, asked));
    const end = this.presence.ask(visitor, openKey(known.conversation ?? ''));
    await this.hub.wait([visitor], longestWait, gone);
    end();
    return this.#known(site, chat, asked);
  }

  #known(site: SiteEntity, chat: PublishedChat, asked: FollowDto) {
    const last = this.#last(whoseOf(site, asked));
    const desk = this.chats.stateOf(site, chat);
    if (!last) return { ...nothing, desk, mark: `none ${desk}` };
    const from = last.id === asked.conversation ? asked.after : 0;
    const signs: Signs = {
      typing: this.signs.typing('desk', last.id),
      seen: last.deskSeen,
      isHere: desk === 'here',
    };
    const { state, rating } = last;
    return {
      ...{ conversation: last.id, state, desk, rating, after: from, ...signs },
      mark: [last.id, state, desk, rating, signs.typing, signs.seen].join(' '),
      messages: messagesOf(this.connection.bare, last.id, from, false),
    };
  }

  /** The visitor presses keys. */
  types(site: SiteEntity, asked: VisitorDto): void {
    const going = this.#going(site, asked);
    if (going)
      this.signs.type('visitor', going.id, going.name || going.email || 'Visitor', openKey(going.id));
  }

  /** Ends what is going on; where nothing is, there is nothing to do. */
  async end(site: SiteEntity, asked: VisitorDto): Promise<void> {
    const going = this.#going(site, asked);
    if (!going) return;
    await this.groups.add((database) => {
      endConversation(database, going.id, this.clock.now());
    });
    this.happenings.happened(going);
  }

  /**
   * Revokes a visitor's token: whoever has it opens nothing with it any more. What was written in any chat of the site stays at the
   * desk.
   */
  async forget(site: SiteEntity, { token }: VisitorDto): Promise<void> {
    const known = await this.groups.add(
      (database) =>
        statement(
          database,
          `UPDATE conversation SET visitor = 'revoked ' || lower(hex(randomblob(16))) WHERE siteId = ? AND visitor = ?
           RETURNING id, siteId, visitor, widgetId`,
        ).all(site.id, visitorOf(token)) as ConversationEntity[],
    );
    for (const one of known) this.happenings.happened(one);
  }

  /** Rates what is over; rated again, the last word counts. */
  async rate(site: SiteEntity, asked: RateDto): Promise<void> {
    const last = this.#last(whoseOf(site, asked));
    if (last?.state !== 'closed') throw new ConflictException('A conversation is rated once it has ended.');
    await this.groups.add((database) =>
      statement(database, 'UPDATE conversation SET rating = ?, ratingText = ? WHERE id = ?').run(
        asked.rating,
        asked.text ?? '',
        last.id,
      ),
    );
    this.happenings.happened(last);
  }

  /** The conversation that a transcript is asked of, as far as visitors may have one. */
  async transcribed(site: SiteEntity, asked: VisitorDto): Promise<ConversationEntity> {
    const chat = await this.chats.of(site, asked.widget);
    const last = this.#last(whoseOf(site, asked));
    if (!chat.rule.transcript || !last) throw new NotFoundException('There is no conversation to be sent.');
    if (!last.email) throw new BadRequestException('email is not known: nobody was asked for one.');
    return last;
  }

  /** What may be sent in a chat: the kinds of files. Refuses where none are taken. */
  async filesOf(site: SiteEntity, widget: string) {
    const { rule } = await this.chats.of(site, widget);
    if (rule.files === 'none') throw new NotFoundException('this chat takes no files');
    return rule.files === 'pictures' ? (['pictures'] as const) : (['pictures', 'pdf', 'documents'] as const);
  }

  #last(whose: Whose): ConversationEntity | undefined {
    return lastOf(this.connection.bare, whose);
  }

  #going(site: SiteEntity, asked: VisitorDto): ConversationEntity | undefined {
    const last = this.#last(whoseOf(site, asked));
    return last?.state === 'closed' ? undefined : last;
  }

  async #see(site: SiteEntity, asked: FollowDto): Promise<void> {
    const { seen = 0, conversation } = asked;
    const last = seen > 0 ? this.#last(whoseOf(site, asked)) : undefined;
    if (!last || conversation !== last.id || seen <= last.visitorSeen || seen > last.lastSeq) return;
    await this.groups.add((database) =>
      statement(database, 'UPDATE conversation SET visitorSeen = max(visitorSeen, ?) WHERE id = ?').run(
        seen,
        last.id,
      ),
    );
    this.happenings.signed(last);
  }

  // Where they are is news to the desk, and to nobody else.
  async #follows(site: SiteEntity, asked: FollowDto): Promise<void> {
    const { page = '', title = '' } = asked;
    const going = page === '' ? undefined : this.#going(site, asked);
    if (!going || !isElsewhere(this.connection.bare, going.id, page)) return;
    const visit = { page, title, at: this.clock.now() };
    await this.groups.add((database) => visited(database, going.id, visit));
    this.hub.tell(openKey(going.id));
  }

  #begin(
    database: Database,
    whose: Whose,
    chat: PublishedChat,
    said: Omit<VisitorMessageDto, 'identity'> & { name: string; identity: Identity | null },
    at: number,
  ): string {
    const { page, title, identity, name, answers = [] } = said;
    const email = identity?.email || (said.email ?? '');
    const begun = { ...whose, widgetName: chat.name, name, email, page, pageTitle: title };
    const assigneeId = this.assigning.assignee(database, whose, chat, { answers, page });
    return beginConversation(database, { ...begun, identity: identity?.id ?? null, answers, assigneeId }, at);
  }

  // What is left while nobody is there is a submission too: its actions tell whoever has to know.
  #leave(
    database: Database,
    site: SiteEntity,
    chat: PublishedChat,
    { message, widget, email = '', name, page, title, answers = [] }: VisitorMessageDto & { name: string },
  ): void {
    const fields = [
      { key: 'name', label: 'Name', value: name },
      { key: 'email', label: 'E-mail', value: email },
      ...answers.map(({ label, value }, at) => ({ key: `question-${at + 1}`, label, value })),
      { key: 'message', label: 'Message', value: message.text },
    ].filter(({ value }) => value !== '');
    const sent = { id: message.id, widget, page, title, name, email };
    this.collect.leave(database, site, { ...chat, actions: [...chat.actions] }, sent, fields);
  }
}

const nothing = {
  ...{ conversation: null, state: 'none' as const, rating: null, after: 0, messages: [] },
  ...{ typing: '', seen: 0, isHere: false },
};

const whoseOf = (site: SiteEntity, { token, widget }: VisitorDto): Whose => ({
  ...{ siteId: site.id, visitor: visitorOf(token), widgetId: widget },
});
