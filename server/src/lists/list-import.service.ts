import { Inject, Injectable } from '@nestjs/common';
import type { Database } from 'better-sqlite3';
import { newToken } from '../accounts/tokens.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { knownPerson } from '../people/known-person.js';
import { newId } from '../shared/ids.js';
import type { ListEntity } from './lists.entity.js';
import { readPeople, type Read } from './read-people.js';

/** Rows that are written at a time, and problems that are told. */
const batch = 500;
const told = 50;

/** What became of the rows of a file, or would. */
export interface Imported {
  rows: number;
  added: number;
  /** Were on the list before, or are in the file twice. */
  already: number;
  /** Have left the list, and are not put on it by others. */
  suppressed: number;
  broken: number;
  problems: { row: number; reason: string }[];
}

type Person = Extract<Read, { email: string }>;

/** Brings people onto a list who have agreed elsewhere: what they agreed to is kept with each. */
@Injectable()
export class ListImportService {
  constructor(
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Reads a file, some rows at a time. What can't be read is told, and the rest is brought in.
   *
   * @param words where and how they have agreed
   * @param isDry only says what it would do
   */
  async bring(list: ListEntity, path: string, words: string, isDry: boolean): Promise<Imported> {
    const result: Imported = { rows: 0, added: 0, already: 0, suppressed: 0, broken: 0, problems: [] };
    const seen = new Set<string>();
    let waiting: Person[] = [];
    const flush = async () => {
      const people = waiting;
      waiting = [];
      for (const outcome of await this.groups.add((database) =>
        people.map((person) =>
          isDry ? this.#look(database, list, person) : this.#put(database, list, person, words),
        ),
      ))
        result[outcome]++;
    };
    for await (const read of readPeople(path)) {
      result.rows++;
      if ('reason' in read) {
        result.broken++;
        if (result.problems.length < told) result.problems.push(read);
        continue;
      }
      const key = read.email.toLowerCase();
      if (seen.has(key)) {
        result.already++;
        continue;
      }
      seen.add(key);
      waiting.push(read);
      if (waiting.length === batch) await flush();
    }
    if (waiting.length > 0) await flush();
    return result;
  }

  #look(database: Database, list: ListEntity, { email }: Person): 'added' | 'already' | 'suppressed' {
    const found = statement(
      database,
      `SELECT entry.state FROM person JOIN list_entry entry ON entry.personId = person.id AND entry.listId = ?
       WHERE person.siteId = ? AND person.email = ? AND person.email <> ''
       UNION ALL
       SELECT entry.state FROM person_alias alias JOIN list_entry entry ON entry.personId = alias.personId AND entry.listId = ?
       WHERE alias.siteId = ? AND alias.email = ?`,
    ).get(list.id, list.siteId, email, list.id, list.siteId, email) as { state: string } | undefined;
    if (found?.state === 'unsubscribed') return 'suppressed';
    return found?.state === 'confirmed' ? 'already' : 'added';
  }

  #put(
    database: Database,
    list: ListEntity,
    person: Person,
    words: string,
  ): 'added' | 'already' | 'suppressed' {
    const outcome = this.#look(database, list, person);
    if (outcome !== 'added') return outcome;
    const now = this.clock.now();
    const { email, name } = person;
    // There is an address: it says who it is.
    const id = knownPerson(database, { siteId: list.siteId, email, phone: '', name, at: now }) as string;
    statement(
      database,
      `INSERT INTO list_entry (listId, personId, state, token, since) VALUES (?, ?, 'confirmed', ?, ?)
       ON CONFLICT (listId, personId) DO UPDATE SET state = 'confirmed', since = excluded.since`,
    ).run(list.id, id, newToken(), now);
    statement(
      database,
      `INSERT INTO list_event (id, listId, personId, kind, at, page, words, submissionId)
       VALUES (?, ?, ?, 'imported', ?, '', ?, NULL)`,
    ).run(newId('le'), list.id, id, now, words);
    return 'added';
  }
}
