import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { ChatHub } from '../chat/chat.hub.js';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ModerateDto } from './dto/moderation.dto.js';
import { memberKey } from './member-chat.service.js';
import { messagesIn } from './threads.js';

/** Most reports that are listed, and so much of a reported thread is read. */
const mostReports = 200;
const readBack = 50;

interface Report {
  id: string;
  threadId: string;
  byId: string;
  byName: string;
  aboutId: string;
  aboutName: string;
  reason: string;
  at: number;
  settledAt: number | null;
  barredAt: number | null;
  lastSeq: number;
}

const selectReports = (where: string) => `SELECT r.*, by.name AS byName, about.name AS aboutName,
    about.barredAt, t.lastSeq
  FROM member_report r
  JOIN member_thread t ON t.id = r.threadId
  JOIN chat_member by ON by.siteId = r.siteId AND by.id = r.byId
  JOIN chat_member about ON about.siteId = r.siteId AND about.id = r.aboutId
  WHERE r.siteId = ? ${where}
  ORDER BY r.settledAt IS NOT NULL, r.at DESC, r.id LIMIT ${mostReports}`;

/** The desk looks after what members write each other: it reads what was reported, and nothing else. */
@Injectable()
export class ModerationService {
  constructor(
    private readonly connection: Connection,
    private readonly groups: GroupWriter,
    private readonly hub: ChatHub,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Whether members of a site may write to each other, and how many have. */
  standing(site: SiteEntity): { isOn: boolean; members: number } {
    const one = (sql: string) => statement(this.connection.bare, sql).pluck().get(site.id) as number;
    return {
      isOn: one('SELECT memberChat FROM site WHERE id = ?') === 1,
      members: one('SELECT count(*) FROM chat_member WHERE siteId = ?'),
    };
  }

  /** Lets members write to each other, or no more; what they have written is kept. */
  async turn(site: SiteEntity, isOn: boolean): Promise<void> {
    await this.groups.add((database) =>
      statement(database, 'UPDATE site SET memberChat = ? WHERE id = ?').run(Number(isOn), site.id),
    );
  }

  /** What was reported, what is open first, each with the end of its thread. */
  reports(site: SiteEntity) {
    const rows = statement(this.connection.bare, selectReports('')).all(site.id) as Report[];
    return rows.map((row) => ({
      ...{ id: row.id, reason: row.reason, at: row.at, isSettled: row.settledAt !== null },
      by: { id: row.byId, name: row.byName },
      about: { id: row.aboutId, name: row.aboutName, isBarred: row.barredAt !== null },
      messages: messagesIn(this.connection.bare, row.threadId, Math.max(0, row.lastSeq - readBack)).map(
        ({ seq, byId, text, at, removedAt }) => ({
          ...{ seq, text, at, isAbout: byId === row.aboutId, isRemoved: removedAt !== null },
        }),
      ),
    }));
  }

  /** Does something about a report. Refuses one that is not there, and a message that is none of its thread. */
  async moderate(site: SiteEntity, { report, what, seq }: ModerateDto): Promise<void> {
    const [found] = statement(this.connection.bare, selectReports('AND r.id = ?')).all(
      site.id,
      report,
    ) as Report[];
    if (!found) throw new NotFoundException('There is no such report.');
    const { id, threadId, byId, aboutId } = found;
    const now = this.clock.now();
    await this.groups.add((database) => {
      const run = (sql: string, ...values: (string | number | null)[]) =>
        statement(database, sql).run(...values).changes;
      const bar = 'UPDATE chat_member SET barredAt = ? WHERE siteId = ? AND id = ?';
      if (what === 'settle') run('UPDATE member_report SET settledAt = ? WHERE id = ?', now, id);
      if (what === 'bar') run(bar, now, site.id, aboutId);
      if (what === 'admit') run(bar, null, site.id, aboutId);
      const remove = 'UPDATE member_message SET removedAt = ? WHERE threadId = ? AND seq = ?';
      if (what === 'remove' && run(remove, now, threadId, seq) === 0)
        throw new NotFoundException('There is no such message.');
    });
    for (const member of [byId, aboutId]) {
      this.hub.count(memberKey(site.id, member));
      this.hub.tell(memberKey(site.id, member));
    }
  }
}
