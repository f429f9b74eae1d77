import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { MergeEntity, PersonEntity, type Moved, type MovedEntry as Entry } from './people.entity.js';
import { findPerson } from './find-person.js';

/** What belongs to a person, and moves with them: all but how they stand to lists. */
const owned = [
  'submission',
  'conversation',
  'lead',
  'person_note',
  'invoice',
  'list_event',
  'person_merge',
] as const;

/** Brings two persons together who are one, and takes them apart again. */
@Injectable()
export class MergeService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * All that belongs to one person goes over to another, who is known by both addresses from then on. On a list that both are
   * on, what was said last counts.
   */
  async merge(site: SiteEntity, keptId: string, goneId: string, userId: string): Promise<void> {
    if (keptId === goneId) throw new BadRequestException('These are one person already.');
    const [kept, gone] = await Promise.all([
      findPerson(this.dataSource, site, keptId),
      findPerson(this.dataSource, site, goneId),
    ]);
    await this.transactions.writeBare((database) => {
      const run = (sql: string, ...values: unknown[]) => statement(database, sql).run(...values);
      // Not taken back by an undo: with their next token they belong to whose address it names.
      run('UPDATE chat_member SET personId = ? WHERE personId = ?', keptId, goneId);
      const rows = Object.fromEntries(
        owned.map((table) => [
          table,
          (
            statement(database, `UPDATE ${table} SET personId = ? WHERE personId = ? RETURNING id`).all(
              keptId,
              goneId,
            ) as { id: string }[]
          ).map(({ id }) => id),
        ]),
      );
      const entries = this.#joinEntries(database, keptId, goneId);
      const aliases = statement(
        database,
        'UPDATE person_alias SET personId = ? WHERE personId = ? RETURNING email',
      ).all(keptId, goneId) as { email: string }[];
      run('DELETE FROM person WHERE id = ?', goneId);
      if (gone.email !== '' && kept.email !== '')
        run(
          'INSERT INTO person_alias (siteId, email, personId) VALUES (?, ?, ?)',
          site.id,
          gone.email,
          keptId,
        );
      const { name, email, phone, tags, firstAt, lastAt } = joined(kept, gone);
      run(
        'UPDATE person SET name = ?, email = ?, phone = ?, tags = ?, firstAt = ?, lastAt = ? WHERE id = ?',
        ...[name, email, phone, JSON.stringify(tags), firstAt, lastAt, keptId],
      );
      const moved: Moved = { rows, entries, aliases: aliases.map((one) => one.email) };
      run(
        'INSERT INTO person_merge (id, personId, before, merged, moved, at, byId) VALUES (?, ?, ?, ?, ?, ?, ?)',
        ...[newId('pm'), keptId, JSON.stringify(kept), JSON.stringify(gone), JSON.stringify(moved)],
        ...[this.clock.now(), userId],
      );
    });
  }

  /**
   * Takes two persons apart who were brought together: each gets back what was theirs. What came after stays with whoever was
   * left. Refuses where somebody else came after who has to be taken out first.
   */
  async undo(site: SiteEntity, keptId: string, mergeId: string): Promise<void> {
    const kept = await findPerson(this.dataSource, site, keptId);
    const merges = await this.dataSource
      .getRepository(MergeEntity)
      .find({ where: { personId: keptId }, order: { at: 'DESC', id: 'DESC' } });
    const merge = merges.find(({ id }) => id === mergeId);
    if (!merge) throw new NotFoundException('There is no such merge.');
    if (merges[0] !== merge) throw new ConflictException('Undo the merge that came after it first.');
    const { before, merged, moved } = merge;
    const both = joined(before, merged);
    await this.transactions.writeBare((database) => {
      const run = (sql: string, ...values: unknown[]) => statement(database, sql).run(...values);
      run(
        'DELETE FROM person_alias WHERE siteId = ? AND email = ? AND personId = ?',
        site.id,
        merged.email,
        keptId,
      );
      // What has been changed since is meant so.
      const name = kept.name === both.name ? before.name : kept.name;
      const email = kept.email === both.email ? before.email : kept.email;
      const phone = kept.phone === both.phone ? before.phone : kept.phone;
      const firstAt = kept.firstAt === both.firstAt ? before.firstAt : kept.firstAt;
      const tags = String(kept.tags) === String(both.tags) ? before.tags : kept.tags;
      run(
        'UPDATE person SET name = ?, email = ?, phone = ?, tags = ?, firstAt = ? WHERE id = ?',
        ...[name, email, phone, JSON.stringify(tags), firstAt, keptId],
      );
      run(
        `INSERT INTO person (id, siteId, email, phone, name, firstAt, lastAt, tags) VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
        ...[merged.id, site.id, merged.email, merged.phone, merged.name, merged.firstAt, merged.lastAt],
        JSON.stringify(merged.tags),
      );
      for (const table of owned)
        run(
          `UPDATE ${table} SET personId = ? WHERE personId = ? AND id IN (SELECT value FROM json_each(?))`,
          ...[merged.id, keptId, JSON.stringify(moved.rows[table] ?? [])],
        );
      for (const email of moved.aliases)
        run(
          'UPDATE person_alias SET personId = ? WHERE siteId = ? AND email = ? AND personId = ?',
          ...[merged.id, site.id, email, keptId],
        );
      this.#partEntries(database, keptId, moved.entries);
      run('DELETE FROM person_merge WHERE id = ?', mergeId);
    });
  }

  /** One entry for each list; returns those that there were. */
  #joinEntries(database: Database, keptId: string, goneId: string): Entry[] {
    const all = statement(
      database,
      'SELECT * FROM list_entry WHERE personId IN (?, ?) ORDER BY since DESC, personId = ? DESC',
    ).all(keptId, goneId, keptId) as Entry[];
    const lists = new Set<string>();
    for (const { listId, personId } of all) {
      const isSettled = lists.has(listId);
      lists.add(listId);
      const at = [listId, personId];
      if (isSettled)
        statement(database, 'DELETE FROM list_entry WHERE listId = ? AND personId = ?').run(...at);
    }
    statement(database, 'UPDATE list_entry SET personId = ? WHERE personId = ?').run(keptId, goneId);
    return all.filter(({ listId }) => all.some((one) => one.listId === listId && one.personId === goneId));
  }

  /** Entries as they were, where nothing has been said since. */
  #partEntries(database: Database, keptId: string, entries: readonly Entry[]): void {
    for (const listId of new Set(entries.map((one) => one.listId))) {
      const were = entries.filter((one) => one.listId === listId);
      const last = Math.max(...were.map(({ since }) => since));
      const { changes } = statement(
        database,
        'DELETE FROM list_entry WHERE listId = ? AND personId = ? AND since = ?',
      ).run(listId, keptId, last);
      if (changes === 0) continue;
      for (const { personId, state, token, since, welcome, submissionId } of were)
        statement(
          database,
          `INSERT INTO list_entry (listId, personId, state, token, since, welcome, submissionId) VALUES (?, ?, ?, ?, ?, ?, ?)`,
        ).run(listId, personId, state, token, since, welcome, submissionId);
    }
  }
}

/** What is said of two persons who are one. */
const joined = (kept: PersonEntity, gone: PersonEntity): PersonEntity => ({
  ...kept,
  name: kept.name || gone.name,
  email: kept.email || gone.email,
  phone: kept.phone || gone.phone,
  tags: [...new Set([...kept.tags, ...gone.tags])].slice(0, 30),
  firstAt: Math.min(kept.firstAt, gone.firstAt),
  lastAt: Math.max(kept.lastAt, gone.lastAt),
});
