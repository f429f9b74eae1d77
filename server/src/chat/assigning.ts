import { assigneeOf, routedTo, type ChatAnswers } from '@sirene/core/chat';
import { Injectable } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { statement } from '../database/statements.js';
import type { Whose } from './happenings.js';
import { PublishedChats, type PublishedChat } from './published-chats.js';

/** Who of the desk gets a conversation that begins. */
@Injectable()
export class Assigning {
  constructor(private readonly chats: PublishedChats) {}

  /** The member who gets it, by topic or page, in turn or by how many they have; `null` where nobody does. */
  assignee(
    database: Database,
    { siteId, widgetId }: Whose,
    { rule }: PublishedChat,
    begun: { answers: ChatAnswers; page: string },
  ): string | null {
    const there = this.chats.operators(siteId, rule);
    const routed = routedTo(rule.routes, begun).flatMap(
      (to) => there.find(({ email }) => email === to) ?? [],
    )[0];
    if (routed || rule.assign === 'nobody') return routed?.id ?? null;
    const operators = there.map(({ id }) => ({
      id,
      open: statement(
        database,
        `SELECT count(*) FROM conversation WHERE siteId = ? AND assigneeId = ? AND state <> 'closed'`,
      )
        .pluck()
        .get(siteId, id) as number,
    }));
    const last = statement(
      database,
      `SELECT assigneeId FROM conversation WHERE siteId = ? AND widgetId = ? AND assigneeId IS NOT NULL
        ORDER BY startedAt DESC, id DESC LIMIT 1`,
    )
      .pluck()
      .get(siteId, widgetId) as string | undefined;
    return assigneeOf(rule.assign, operators, last ?? null, rule.mostEach);
  }
}
