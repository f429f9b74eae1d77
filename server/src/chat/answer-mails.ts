import { createHash, randomBytes } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { answerAbove, longestMessage, transcriptText, writtenIn } from '@sirene/core/chat';
import { completeBrand } from '@sirene/core/style';
import { Inject, Injectable, Logger, ServiceUnavailableException, type OnModuleInit } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { brandedMail } from '../mail/branded.js';
import { InboundMail, type Inbound } from '../mail/inbound-mail.js';
import { Mailer, siteHeader } from '../mail/mailer.js';
import { dateLanguage, languageOf } from '../shared/site-language.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ConversationEntity } from './chat.entity.js';
import { Happenings } from './happenings.js';
import { messagesOf } from './read-conversation.js';
import { writeMessage } from './write-conversation.js';

/** Before each further try to send a mail, ms. */
const waits = [2000, 20_000];

/** Marks the token of a conversation in an address (RFC 5233, subaddressing). */
const mark = '+chat-';

/** Answers reach who has gone by mail, and what they answer to that comes back into the conversation. */
@Injectable()
export class AnswerMails implements OnModuleInit {
  readonly #logger = new Logger('ChatMail');

  constructor(
    private readonly dataSource: DataSource,
    private readonly connection: Connection,
    private readonly transactions: Transactions,
    private readonly mailer: Mailer,
    private readonly inbound: InboundMail,
    private readonly happenings: Happenings,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  onModuleInit(): void {
    this.inbound.read((mail) => this.#take(mail));
  }

  /** Sends an answer to who has left an address and is not there; nothing where they left none. Goes on beside the request. */
  async answer(
    site: SiteEntity,
    conversation: ConversationEntity,
    text: string,
    by: UserEntity,
  ): Promise<void> {
    if (!conversation.email) return;
    const replyTo = await this.#replyAddress(conversation);
    const mail = {
      to: conversation.email,
      replyTo: { name: conversation.widgetName, address: replyTo },
      subject: `${conversation.widgetName}: ${site.name}`,
      headers: { [siteHeader]: site.id },
      ...brandedMail(
        { brand: completeBrand(site.brand), siteName: site.name },
        {
          text: `${answerAbove(languageOf(site.brand))}\n\n${text}`,
          foot: { text: `${by.name}, ${site.name}` },
        },
      ),
    };
    this.#send(mail, site, conversation, by).catch((error: unknown) => this.#logger.error(error));
  }

  /**
   * Sends a conversation to the visitor, as they asked.
   *
   * @throws ServiceUnavailableException where no mail can be sent at the moment
   */
  async transcript(site: SiteEntity, conversation: ConversationEntity): Promise<void> {
    const { id, email, name, widgetName, page } = conversation;
    const messages = messagesOf(this.connection.bare, id, 0, false);
    const text = transcriptText(
      { chat: widgetName, visitor: name || email, page },
      messages,
      site.zone,
      dateLanguage(languageOf(site.brand)),
    );
    const mail = {
      to: email,
      subject: `${widgetName}: ${site.name}`,
      headers: { [siteHeader]: site.id },
      ...brandedMail({ brand: completeBrand(site.brand), siteName: site.name }, { text }),
    };
    try {
      await this.mailer.send(mail, site.name);
    } catch (error) {
      this.#logger.warn(`A transcript could not be sent: ${(error as Error).message}`);
      throw new ServiceUnavailableException('The e-mail could not be sent. Try again later.');
    }
  }

  async #send(
    mail: Parameters<Mailer['send']>[0],
    site: SiteEntity,
    conversation: ConversationEntity,
    by: UserEntity,
  ): Promise<void> {
    for (const wait of [...waits, null]) {
      try {
        return await this.mailer.send(mail, site.name);
      } catch (error) {
        if (wait === null) return this.#note(conversation, by, (error as Error).message);
        await pause(wait, undefined, { ref: false });
      }
    }
  }

  // Where it is looked for: whoever answered reads in the conversation that it did not arrive.
  async #note(conversation: ConversationEntity, by: UserEntity, why: string): Promise<void> {
    await this.transactions.writeBare((database) =>
      writeMessage(database, conversation.id, {
        ...{ id: randomBytes(16).toString('hex'), sender: 'note', byId: by.id, name: 'Sirene' },
        text: `The answer could not be sent to ${conversation.email} by e-mail: ${why.slice(0, 300)}`,
        at: this.clock.now(),
      }),
    );
    this.happenings.happened(conversation);
  }

  async #replyAddress({ id, replyToken }: ConversationEntity): Promise<string> {
    const token = replyToken ?? randomBytes(16).toString('hex');
    await this.transactions.writeBare((database) =>
      statement(database, 'UPDATE conversation SET replyToken = coalesce(replyToken, ?) WHERE id = ?').run(
        token,
        id,
      ),
    );
    const { mailFrom } = this.config;
    const [local, host] = (/<([^<>]+)>\s*$/.exec(mailFrom)?.[1] ?? mailFrom).split('@');
    return `${local}${mark}${token}@${host}`;
  }

  /** A mail that came in: where it answers one of ours, what was written stands in the conversation. */
  async #take({ to, id: mailId, text }: Inbound): Promise<void> {
    for (const address of to) {
      const token = /\+chat-([0-9a-f]{32})@/.exec(address)?.[1];
      const written = writtenIn(text).slice(0, longestMessage);
      if (token === undefined || written === '') continue;
      const conversation = await this.dataSource
        .getRepository(ConversationEntity)
        .findOneBy({ replyToken: token });
      if (!conversation) continue;
      const { id, name } = conversation;
      await this.transactions.writeBare((database) => {
        const message = createHash('sha256').update(mailId).digest('hex').slice(0, 32);
        const at = this.clock.now();
        const isNew = writeMessage(database, id, {
          ...{ id: message, sender: 'visitor', byId: null, name, text: written, at },
        });
        // Ended meanwhile, it waits again; unless the visitor has begun another, which is the one that goes on.
        if (isNew)
          statement(
            database,
            `UPDATE OR IGNORE conversation SET state = 'waiting', closedAt = NULL WHERE id = ? AND state = 'closed'`,
          ).run(id);
      });
      this.happenings.happened(conversation);
    }
  }
}
