import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource, type SelectQueryBuilder } from 'typeorm';
import { newToken } from '../accounts/tokens.js';
import { writeDeliveries } from '../actions/write-deliveries.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { PersonEntity } from '../people/people.entity.js';
import { holding } from '../shared/like.js';
import { cursorText, readCursor, type Cursor } from '../shared/cursor.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ListEntriesDto } from './dto/lists.dto.js';
import {
  ListEntity,
  ListEntryEntity,
  ListEventEntity,
  type EntryState,
  type ListEventKind,
  type Welcome,
} from './lists.entity.js';

/** How long the link of a confirmation mail can be used, ms: 30 days. */
const confirmMs = 30 * 86_400_000;

/** Entries read at a time for an export. */
const exported = 500;

/** Somebody's wish to be on a list, with what proves it. */
export interface Asked {
  siteId: string;
  list: string;
  personId: string;
  submissionId: string;
  page: string;
  words: string;
  welcome: Welcome | null;
}

/** An entry with whom it is of and which list. */
export interface EntryView {
  entry: ListEntryEntity;
  list: ListEntity;
  person: PersonEntity;
}

/** How a person stands to a list, as far as a link of a mail lets one know. */
export type LinkState = EntryState | 'late' | 'unknown';

const insertEvent = `INSERT INTO list_event (id, listId, personId, kind, at, page, words, submissionId)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT DO NOTHING`;

const findEntry = `SELECT entry.listId, entry.personId, entry.state, entry.token, entry.since, entry.welcome, entry.submissionId,
    person.email
  FROM list_entry entry JOIN list ON list.id = entry.listId JOIN person ON person.id = entry.personId
  WHERE entry.token = ? AND list.siteId = ?`;

interface FoundEntry {
  listId: string;
  personId: string;
  state: EntryState;
  token: string;
  since: number;
  welcome: string | null;
  submissionId: string | null;
  email: string;
}

/** Mailing lists with double opt-in: nobody is on one who has not said so from their own mailbox. */
@Injectable()
export class ListsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Notes that somebody asked to be on a list, which is made where it is not there yet. Asked again for the same submission, it
   * changes nothing.
   *
   * @returns how they stand to the list now, and what the links to them carry
   */
  ask(asked: Asked): Promise<{ state: EntryState; token: string }> {
    const { personId, submissionId, page, words, welcome } = asked;
    return this.groups.add((database) => {
      const now = this.clock.now();
      const listId = madeList(database, asked.siteId, asked.list, now);
      const { changes } = statement(database, insertEvent).run(
        ...[newId('le'), listId, personId, 'asked', now, page, words, submissionId],
      );
      if (changes > 0)
        // Who is on it stays; who has left or has not confirmed yet is asked anew.
        statement(
          database,
          `INSERT INTO list_entry (listId, personId, state, token, since, welcome, submissionId) VALUES (?, ?, 'pending', ?, ?, ?, ?)
           ON CONFLICT (listId, personId) DO UPDATE SET
             token = CASE WHEN state = 'unsubscribed' THEN excluded.token ELSE token END,
             state = 'pending', since = excluded.since, welcome = excluded.welcome, submissionId = excluded.submissionId
             WHERE state <> 'confirmed'`,
        ).run(listId, personId, newToken(), now, welcome && JSON.stringify(welcome), submissionId);
      return statement(database, 'SELECT state, token FROM list_entry WHERE listId = ? AND personId = ?').get(
        listId,
        personId,
      ) as { state: EntryState; token: string };
    });
  }

  /** How the person stands whom a link was sent to. Looking changes nothing: mail scanners open links too. */
  async look(site: SiteEntity, token: string): Promise<{ state: LinkState; list: string }> {
    const view = await this.byToken(site, token);
    if (!view) return { state: 'unknown', list: '' };
    return { state: this.#stateOf(view.entry), list: view.list.name };
  }

  /** The entry that a link is about; `null` where there is none on this site. */
  async byToken(site: SiteEntity, token: string): Promise<EntryView | null> {
    const entry = await this.dataSource.getRepository(ListEntryEntity).findOneBy({ token });
    const list =
      entry &&
      (await this.dataSource.getRepository(ListEntity).findOneBy({ id: entry.listId, siteId: site.id }));
    const person =
      list && (await this.dataSource.getRepository(PersonEntity).findOneBy({ id: entry.personId }));
    return person ? { entry, list, person } : null;
  }

  /** Puts on the list whoever has the link; the welcome, where there is one, goes out with it. Twice is once. */
  confirm(site: SiteEntity, token: string, page: string): Promise<void> {
    return this.#withEntry(site, token, (database, found, now) => {
      if (this.#stateOf(found) !== 'pending') return;
      this.#set(database, found, 'confirmed', { at: now, page });
      const { submissionId, email } = found;
      const welcome = found.welcome && (JSON.parse(found.welcome) as Welcome);
      if (welcome && submissionId !== null)
        writeDeliveries(
          database,
          { siteId: site.id, submissionId },
          [{ type: 'list', target: email, settings: { welcome, token } }],
          now,
        );
    });
  }

  /** Takes off the list whoever has the link, for good: only they themselves come back on it. */
  unsubscribe(site: SiteEntity, token: string, page: string): Promise<void> {
    return this.#withEntry(site, token, (database, found, now) => {
      if (found.state !== 'unsubscribed') this.#set(database, found, 'unsubscribed', { at: now, page });
    });
  }

  /** The lists of a site, by name, and how many stand how to each. */
  async all(site: SiteEntity): Promise<{ list: ListEntity; counts: Record<EntryState, number> }[]> {
    const [lists, rows] = await Promise.all([
      this.dataSource.getRepository(ListEntity).find({ where: { siteId: site.id }, order: { name: 'ASC' } }),
      this.dataSource.query<{ listId: string; state: EntryState; entries: number }[]>(
        `SELECT listId, state, count(*) AS entries FROM list_entry
         WHERE listId IN (SELECT id FROM list WHERE siteId = ?) GROUP BY listId, state`,
        [site.id],
      ),
    ]);
    return lists.map((list) => {
      const of = (state: EntryState) =>
        rows.find((row) => row.listId === list.id && row.state === state)?.entries ?? 0;
      return {
        list,
        counts: {
          pending: of('pending'),
          confirmed: of('confirmed'),
          unsubscribed: of('unsubscribed'),
        },
      };
    });
  }

  /** A list of the site. Refuses one that is not there. */
  async list(site: SiteEntity, id: string): Promise<ListEntity> {
    const list = await this.dataSource.getRepository(ListEntity).findOneBy({ id, siteId: site.id });
    if (!list) throw new NotFoundException('There is no such list.');
    return list;
  }

  /** A page of a list's entries, those that changed last first, each with all that proves it. */
  async entries(list: ListEntity, { after, limit = 50, ...filter }: ListEntriesDto) {
    const found = await this.#page(list, filter, limit + 1, after === undefined ? null : readCursor(after));
    const page = found.slice(0, limit);
    const last = page.at(-1);
    const next =
      found.length > limit && last ? cursorText({ at: last.entry.since, id: last.entry.personId }) : null;
    return { views: await this.#withEvents(list, page), next };
  }

  /** Every entry that matches, some at a time. */
  async *pages(list: ListEntity, filter: Pick<ListEntriesDto, 'state' | 'words'>) {
    let after: Cursor | null = null;
    for (;;) {
      const page: Omit<EntryView, 'list'>[] = await this.#page(list, filter, exported, after);
      if (page.length > 0) yield await this.#withEvents(list, page);
      const last = page.at(-1);
      if (!last || page.length < exported) return;
      after = { at: last.entry.since, id: last.entry.personId };
      await new Promise((turn) => setImmediate(turn));
    }
  }

  async #page(
    list: ListEntity,
    { state, words }: Pick<ListEntriesDto, 'state' | 'words'>,
    limit: number,
    after: Cursor | null,
  ): Promise<Omit<EntryView, 'list'>[]> {
    const query: SelectQueryBuilder<ListEntryEntity> = this.dataSource
      .getRepository(ListEntryEntity)
      .createQueryBuilder('entry')
      .innerJoinAndMapOne('entry.person', PersonEntity, 'person', 'person.id = entry.personId')
      .where('entry.listId = :list', { list: list.id })
      .orderBy('entry.since', 'DESC')
      .addOrderBy('entry.personId')
      .limit(limit);
    if (state) query.andWhere('entry.state = :state', { state });
    if (words)
      query.andWhere("(person.email LIKE :words ESCAPE '\\' OR person.name LIKE :words ESCAPE '\\')", {
        words: holding(words),
      });
    if (after) query.andWhere('(entry.since < :at OR (entry.since = :at AND entry.personId > :id))', after);
    const entries = (await query.getMany()) as (ListEntryEntity & { person: PersonEntity })[];
    return entries.map(({ person, ...entry }) => ({ entry, person }));
  }

  async #withEvents(list: ListEntity, page: Omit<EntryView, 'list'>[]) {
    const events = await this.dataSource
      .getRepository(ListEventEntity)
      .createQueryBuilder('event')
      .where('event.listId = :list', { list: list.id })
      .andWhere('event.personId IN (:...people)', { people: ['', ...page.map(({ person }) => person.id)] })
      .orderBy('event.at')
      .addOrderBy('event.id')
      .getMany();
    return page.map((one) => ({
      ...one,
      events: events.filter(({ personId }) => personId === one.person.id),
    }));
  }

  #stateOf({ state, since }: Pick<ListEntryEntity, 'state' | 'since'>): LinkState {
    return state === 'pending' && this.clock.now() - since > confirmMs ? 'late' : state;
  }

  #withEntry(
    site: SiteEntity,
    token: string,
    work: (database: Database, found: FoundEntry, now: number) => void,
  ): Promise<void> {
    return this.groups.add((database) => {
      const found = statement(database, findEntry).get(token, site.id) as FoundEntry | undefined;
      if (found) work(database, found, this.clock.now());
    });
  }

  #set(
    database: Database,
    { listId, personId }: FoundEntry,
    state: EntryState & ListEventKind,
    { at, page }: { at: number; page: string },
  ): void {
    statement(database, 'UPDATE list_entry SET state = ?, since = ? WHERE listId = ? AND personId = ?').run(
      state,
      at,
      listId,
      personId,
    );
    statement(database, insertEvent).run(newId('le'), listId, personId, state, at, page, '', null);
  }
}

/** The id of a site's list by its name, whatever case it is written in; made where it is not there. */
function madeList(database: Database, siteId: string, name: string, now: number): string {
  statement(
    database,
    'INSERT INTO list (id, siteId, name, createdAt) VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING',
  ).run(newId('list'), siteId, name, now);
  const { id } = statement(database, 'SELECT id FROM list WHERE siteId = ? AND name = ?').get(
    siteId,
    name,
  ) as { id: string };
  return id;
}
