import { BadRequestException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, Not } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { FilesService } from '../files/files.service.js';
import { LeadEntity } from '../leads/leads.entity.js';
import { ConversationEntity } from '../chat/chat.entity.js';
import type { EntryState } from '../lists/lists.entity.js';
import { holding } from '../shared/like.js';
import { cursorText, readCursor } from '../shared/cursor.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ChangePersonDto, FilterPersonsDto, ListPersonsDto } from './dto/persons.dto.js';
import { AliasEntity, NoteEntity, PersonEntity, SubmissionEntity } from './people.entity.js';
import { findPerson } from './find-person.js';
import { timelineOf } from './timeline.js';

/** People read at a time for an export. */
const exported = 500;

/** How a person stands to one of the site's lists. */
export interface OnList {
  id: string;
  name: string;
  state: EntryState;
  since: number;
}

/** The people of a site: all that is known of each, in one place. */
@Injectable()
export class PersonsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly files: FilesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** A page of the people of a site, those heard of last first. */
  async page(
    site: SiteEntity,
    { words, tag, after, limit = 50 }: ListPersonsDto,
  ): Promise<{ total: number; next: string | null; persons: PersonEntity[] }> {
    const query = this.dataSource
      .getRepository(PersonEntity)
      .createQueryBuilder('person')
      .where('person.siteId = :site', { site: site.id });
    for (const [at, word] of (words ?? '').split(/\s+/).filter(Boolean).slice(0, 8).entries())
      query.andWhere(
        `(person.email LIKE :word${at} ESCAPE '\\' OR person.name LIKE :word${at} ESCAPE '\\'
          OR person.phone LIKE :word${at} ESCAPE '\\')`,
        { [`word${at}`]: holding(word) },
      );
    if (tag) query.andWhere('EXISTS (SELECT 1 FROM json_each(person.tags) WHERE value = :tag)', { tag });
    const total = await query.getCount();
    if (after !== undefined)
      query.andWhere('(person.lastAt < :at OR (person.lastAt = :at AND person.id > :id))', readCursor(after));
    const found = await query
      .orderBy('person.lastAt', 'DESC')
      .addOrderBy('person.id')
      .limit(limit + 1)
      .getMany();
    const persons = found.slice(0, limit);
    const last = persons.at(-1);
    const next = found.length > limit && last ? cursorText({ at: last.lastAt, id: last.id }) : null;
    return { total, next, persons };
  }

  /** Everybody who matches, some at a time. Between two pages everyone else has their turn. */
  async *pages(site: SiteEntity, filter: FilterPersonsDto): AsyncGenerator<PersonEntity[]> {
    let after: string | null | undefined;
    while (after !== null) {
      const page: { persons: PersonEntity[]; next: string | null } = await this.page(site, {
        ...{ words: filter.words, tag: filter.tag, limit: exported },
        ...(after !== undefined && { after }),
      } as ListPersonsDto);
      if (page.persons.length > 0) yield page.persons;
      after = page.next;
      await new Promise((turn) => setImmediate(turn));
    }
  }

  /** The tags that a site has given, by name. */
  async tags(site: SiteEntity): Promise<string[]> {
    const rows = await this.dataSource.query<{ tag: string }[]>(
      `SELECT DISTINCT value AS tag FROM person, json_each(person.tags) WHERE siteId = ? ORDER BY tag COLLATE NOCASE LIMIT 500`,
      [site.id],
    );
    return rows.map(({ tag }) => tag);
  }

  /** A person with all that is known of them. Refuses one that is not there. */
  async whole(site: SiteEntity, id: string) {
    const person = await findPerson(this.dataSource, site, id);
    const { phone } = person;
    const [lists, leads, aliases, same, timeline] = await Promise.all([
      this.dataSource.query<OnList[]>(
        `SELECT list.id, list.name, entry.state, entry.since FROM list_entry entry JOIN list ON list.id = entry.listId
         WHERE entry.personId = ? ORDER BY list.name`,
        [id],
      ),
      this.dataSource.getRepository(LeadEntity).find({ where: { personId: id }, order: { movedAt: 'DESC' } }),
      this.dataSource.getRepository(AliasEntity).find({ where: { personId: id }, order: { email: 'ASC' } }),
      phone === ''
        ? []
        : this.dataSource
            .getRepository(PersonEntity)
            .find({ where: { siteId: site.id, phone, id: Not(id) }, order: { lastAt: 'DESC' }, take: 5 }),
      timelineOf(this.dataSource, person),
    ]);
    return { person, lists, leads, aliases: aliases.map(({ email }) => email), same, timeline };
  }

  /** All that is kept of a person, for themselves (GDPR, art. 15 and 20). */
  async everything(site: SiteEntity, id: string) {
    const { person, lists, leads, aliases, timeline } = await this.whole(site, id);
    const submissions = await this.dataSource
      .getRepository(SubmissionEntity)
      .find({ where: { personId: id }, order: { receivedAt: 'ASC' } });
    const conversations = await this.dataSource.query<{ id: string; startedAt: number; messages: string }[]>(
      `SELECT conversation.id, conversation.startedAt, conversation.page, (
         SELECT json_group_array(json_object('from', sender, 'name', name, 'text', text, 'at', at) ORDER BY seq)
         FROM chat_message WHERE conversationId = conversation.id) AS messages
       FROM conversation WHERE personId = ? ORDER BY startedAt`,
      [id],
    );
    const memberMessages = await this.dataSource.query<{ text: string; at: number; to: string }[]>(
      `SELECT message.text, message.at, other.name AS "to" FROM chat_member me
       JOIN member_thread thread ON thread.siteId = me.siteId AND me.id IN (thread.low, thread.high)
       JOIN chat_member other ON other.siteId = me.siteId AND other.id IN (thread.low, thread.high) AND other.id <> me.id
       JOIN member_message message ON message.threadId = thread.id AND message.byId = me.id
       WHERE me.personId = ? ORDER BY message.at`,
      [id],
    );
    return {
      ...{ memberMessages },
      ...{ site: site.name, person, aliases, lists, leads, timeline, submissions },
      conversations: conversations.map((one) => ({ ...one, messages: JSON.parse(one.messages) as unknown })),
    };
  }

  /** Changes what is said of a person; what is not said stays. */
  async change(site: SiteEntity, id: string, { name, tags }: ChangePersonDto): Promise<void> {
    if (name === undefined && tags === undefined)
      throw new BadRequestException('Say what is to change: the name or the tags.');
    await findPerson(this.dataSource, site, id);
    await this.transactions.write((manager) =>
      manager.update(PersonEntity, { id }, { ...(name !== undefined && { name }), ...(tags && { tags }) }),
    );
  }

  /** Writes something down about a person. */
  async note(site: SiteEntity, id: string, text: string, userId: string): Promise<void> {
    await findPerson(this.dataSource, site, id);
    await this.transactions.write((manager) =>
      manager.insert(NoteEntity, {
        id: newId('note'),
        personId: id,
        byId: userId,
        text: text.trim(),
        at: this.clock.now(),
      }),
    );
  }

  /** Takes a note away. */
  async removeNote(site: SiteEntity, id: string, note: string): Promise<void> {
    await findPerson(this.dataSource, site, id);
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(NoteEntity, { id: note, personId: id }),
    );
    if (affected === 0) throw new NotFoundException('There is no such note.');
  }

  /**
   * Erases a person with all that they sent and all that followed it (GDPR, art. 17): submissions, deliveries,
   * conversations, what they wrote to other members and were written, lists, leads, notes.
   * What widgets counted names nobody, and stays.
   */
  async erase(site: SiteEntity, id: string): Promise<void> {
    await findPerson(this.dataSource, site, id);
    const files = await this.dataSource.query<{ id: string }[]>(
      `SELECT file.id FROM file JOIN submission ON submission.siteId = file.siteId AND submission.id = file.submissionId
       WHERE submission.personId = ?
       UNION SELECT file.id FROM file JOIN conversation ON conversation.id = file.conversationId
       WHERE conversation.personId = ?`,
      [id, id],
    );
    await this.transactions.write(async (manager) => {
      await manager.delete(SubmissionEntity, { siteId: site.id, personId: id });
      await manager.delete(ConversationEntity, { siteId: site.id, personId: id });
      await manager.delete(PersonEntity, { id });
    });
    await this.files.drop(files.map((file) => file.id));
  }
}
