import { randomBytes } from 'node:crypto';
import type { ChatFile } from '@sirene/core/chat';
import { Inject, Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import { waitAfter } from '../actions/backoff.js';
import type { ChatMessageEntity, ConversationEntity } from '../chat/chat.entity.js';
import { Happenings } from '../chat/happenings.js';
import { writeMessage } from '../chat/write-conversation.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { ServicesService } from '../services/services.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import type { BridgedEntity } from './bridge.entity.js';
import { MessengerClient } from './messenger-client.js';

/** How often it is looked what is due again, ms. */
const everyMs = 5000;

type Owed = BridgedEntity & Pick<ConversationEntity, 'visitor' | 'widgetId' | 'lastSeq'>;
type Answer = Pick<ChatMessageEntity, 'seq' | 'id' | 'text' | 'file'>;

const selectBridged = (which: string) => `SELECT b.*, c.visitor, c.widgetId, c.lastSeq
  FROM bridged b JOIN conversation c ON c.id = b.conversationId
  WHERE c.lastSeq > b.sentSeq AND b.dueAt <= ? ${which}`;
const selectOwed = selectBridged('LIMIT 100');
const selectOwedIn = selectBridged('AND b.conversationId = ?');

const nextAnswer = `SELECT seq, id, text, file FROM chat_message
  WHERE conversationId = ? AND seq > ? AND sender = 'desk' ORDER BY seq LIMIT 1`;

const dealtWith = `UPDATE bridged SET sentSeq = max(sentSeq, ?), attempts = 0, dueAt = 0, error = NULL WHERE conversationId = ?`;

const failed = `UPDATE bridged SET attempts = ?, dueAt = ?, error = ? WHERE conversationId = ?`;

/** Answers of the desk go out by the messenger that was written by: each once, in their order, tried until they are there. */
@Injectable()
export class BridgeOut implements OnModuleInit, OnApplicationShutdown {
  readonly #logger = new Logger('Messenger');
  readonly #underWay = new Map<string, Promise<void>>();
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly sites: SitesService,
    private readonly services: ServicesService,
    private readonly client: MessengerClient,
    private readonly happenings: Happenings,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Looks now and then for what has to be tried again; an answer goes out as soon as it is there. */
  start(): void {
    this.#timer = setInterval(() => {
      this.look().catch((error: unknown) => this.#logger.error(error));
    }, everyMs).unref();
  }

  onModuleInit(): void {
    this.happenings.listen((conversation) => {
      if (!this.#timer || this.#underWay.has(conversation)) return;
      const owed = statement(this.connection.bare, selectOwedIn).get(this.clock.now(), conversation);
      if (owed) this.#begin(owed as Owed).catch((error: unknown) => this.#logger.error(error));
    });
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.#timer);
    await Promise.all(this.#underWay.values());
  }

  /** Sends what is due, and waits for that; what is under way already is not sent twice. */
  async look(): Promise<void> {
    const owed = statement(this.connection.bare, selectOwed).all(this.clock.now()) as Owed[];
    await Promise.all(owed.map((one) => this.#underWay.get(one.conversationId) ?? this.#begin(one)));
  }

  #begin(owed: Owed): Promise<void> {
    const { conversationId } = owed;
    const done = this.#pay(owed)
      .catch((error: unknown) => this.#logger.error(error))
      .finally(() => this.#underWay.delete(conversationId));
    this.#underWay.set(conversationId, done);
    return done;
  }

  /** All that one conversation has to be told, one after the other. */
  async #pay(owed: Owed): Promise<void> {
    const { conversationId, siteId, lastSeq } = owed;
    const site = await this.sites.byId(siteId);
    for (let { sentSeq } = owed; ;) {
      const answer = statement(this.connection.bare, nextAnswer).get(conversationId, sentSeq) as
        Answer | undefined;
      if (!answer || !site) return this.#write(dealtWith, Math.max(sentSeq, lastSeq), conversationId);
      const trouble = await this.#send(site, owed, answer);
      if (trouble !== null) return this.#wait(owed, answer, trouble);
      sentSeq = answer.seq;
      await this.#write(dealtWith, sentSeq, conversationId);
      if (owed.error !== null) this.#tell(owed);
    }
  }

  /** In words why it was not taken; `null` where it was. */
  async #send(site: SiteEntity, { contact }: Owed, { id, text, file }: Answer): Promise<string | null> {
    try {
      const account = await this.services.of(site, 'messenger');
      if (!account) return 'No messenger is set up for this site.';
      await this.client.send(account, { requestKey: id, to: contact, text: this.#words(site, text, file) });
      return null;
    } catch (error) {
      return (error as Error).message.slice(0, 300);
    }
  }

  // A file is fetched from here: nobody can guess its address.
  #words(site: SiteEntity, text: string, file: string | null): string {
    if (file === null) return text;
    const { id, name } = JSON.parse(file) as ChatFile;
    return `${name}\n${this.config.origin}/c/${site.key}/chat/files/${id}`;
  }

  async #wait(owed: Owed, { seq, text }: Answer, trouble: string): Promise<void> {
    const { conversationId } = owed;
    const attempts = owed.attempts + 1;
    const wait = waitAfter(attempts, conversationId);
    if (wait === null) {
      // Where it is looked for: whoever answered reads in the conversation that it did not arrive.
      const note = `“${text.slice(0, 80)}” could not be delivered by messenger: ${trouble}`;
      await this.groups.add((database) => {
        const at = this.clock.now();
        const id = randomBytes(16).toString('hex');
        writeMessage(database, conversationId, {
          ...{ id, sender: 'note', byId: null, name: 'Sirene', text: note, at },
        });
        statement(database, dealtWith).run(seq, conversationId);
      });
    } else await this.#write(failed, attempts, this.clock.now() + wait, trouble, conversationId);
    this.#tell(owed);
  }

  #tell({ conversationId, ...whose }: Owed): void {
    this.happenings.signed({ ...whose, id: conversationId });
  }

  async #write(sql: string, ...values: (string | number)[]): Promise<void> {
    await this.groups.add((database) => statement(database, sql).run(...values));
  }
}
