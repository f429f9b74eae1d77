import { createHash } from 'node:crypto';
import { placeOf } from '@sirene/core/behaviour';
import type { ChatAnswers } from '@sirene/core/chat';
import {
  defaultMinutes,
  holdsFor,
  isWaiting,
  type Automation,
  type AutomationTime,
  type ChatFacts,
} from '@sirene/core/chat/automation';
import { Inject, Injectable, Logger } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { Mailer } from '../mail/mailer.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ConversationEntity } from './chat.entity.js';
import { deskMail } from './desk-mail.js';
import { deedsDone } from './deeds.js';
import { Happenings } from './happenings.js';
import { PublishedChats, type PublishedChat } from './published-chats.js';

const minuteMs = 60_000;

/** Who is to be told what, once all is committed. */
interface Tell {
  to: string;
  conversation: ConversationEntity;
}

const silences: Readonly<Record<'unanswered' | 'quiet', string>> = {
  unanswered: `state <> 'closed' AND lastFrom = 'visitor'`,
  quiet: `state = 'open' AND lastFrom = 'desk'`,
};

const selectSilent = (silence: string) => `SELECT * FROM conversation
  WHERE siteId = @siteId AND widgetId = @widgetId AND ${silence} AND lastAt <= @before AND snoozedUntil IS NULL
    AND NOT EXISTS (SELECT 1 FROM automation_run
      WHERE conversationId = conversation.id AND automation = @automation AND automation_run.lastAt >= conversation.lastAt)`;

const insertRun = `INSERT INTO automation_run (conversationId, automation, lastAt) VALUES (?, ?, ?)
  ON CONFLICT (conversationId, automation) DO UPDATE SET lastAt = excluded.lastAt`;

/** What chats do by themselves, by the rules that their designer has set: when something is written, and when nothing is. */
@Injectable()
export class Automations {
  readonly #logger = new Logger('Chats');

  constructor(
    private readonly groups: GroupWriter,
    private readonly chats: PublishedChats,
    private readonly happenings: Happenings,
    private readonly mailer: Mailer,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Does what follows a message of a visitor, inside the transaction that stores it.
   *
   * @returns what to call once that is committed
   */
  written(
    database: Database,
    site: SiteEntity,
    chat: PublishedChat,
    id: string,
    { text, isFirst }: { text: string; isFirst: boolean },
  ): () => void {
    const times: AutomationTime[] = isFirst ? ['begins', 'writes'] : ['writes'];
    const tells = chat.rule.automations
      .filter(({ when }) => times.includes(when))
      .flatMap((automation) => this.#run(database, site, chat, automation, id, text));
    return () => this.#tellAll(site, tells);
  }

  /** Does what follows when nothing was written for so long, in a chat of a site; once for each silence. */
  async look(site: SiteEntity, widgetId: string, chat: PublishedChat): Promise<void> {
    for (const automation of chat.rule.automations.filter(isWaiting)) {
      const { when, minutes = defaultMinutes } = automation;
      const key = createHash('sha256').update(JSON.stringify(automation)).digest('base64url');
      const before = this.clock.now() - minutes * minuteMs;
      const asked = { siteId: site.id, widgetId, before, automation: key };
      const { changed, tells } = await this.groups.add((database) => {
        const silent = statement(database, selectSilent(silences[when as keyof typeof silences])).all(
          asked,
        ) as ConversationEntity[];
        return {
          changed: silent,
          tells: silent.flatMap((one) => {
            statement(database, insertRun).run(one.id, key, one.lastAt);
            return this.#run(database, site, chat, automation, one.id, one.lastText);
          }),
        };
      });
      for (const one of changed) this.happenings.happened(one);
      this.#tellAll(site, tells);
    }
  }

  #run(
    database: Database,
    site: SiteEntity,
    chat: PublishedChat,
    automation: Automation,
    id: string,
    text: string,
  ): Tell[] {
    const conversation = statement(database, 'SELECT * FROM conversation WHERE id = ?').get(
      id,
    ) as ConversationEntity;
    const facts: ChatFacts = {
      text,
      place: placeOf(conversation.page),
      answers: JSON.parse(conversation.answers) as ChatAnswers[number][],
      isMember: conversation.identity !== null,
      channel: conversation.channel,
      desk: this.chats.stateOf(site, chat),
      tags: JSON.parse(conversation.tags) as string[],
    };
    if (!holdsFor(automation)(facts)) return [];
    const on = { conversation, at: this.clock.now() };
    const to = deedsDone[automation.do](database, automation.value, on);
    return to === null ? [] : [{ to, conversation }];
  }

  // Beside the request: nobody waits for a mail server.
  #tellAll(site: SiteEntity, tells: readonly Tell[]): void {
    for (const { to, conversation } of tells) {
      const { id, widgetName } = conversation;
      this.mailer
        .send(deskMail(this.config.origin, site, to, widgetName, conversation))
        .catch((error: unknown) =>
          this.#logger.warn(`${to} could not be told of ${id}: ${(error as Error).message}`),
        );
    }
  }
}
