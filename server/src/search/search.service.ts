import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { PersonEntity } from '../people/people.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { IndexerService } from './indexer.service.js';
import { entriesPerMs, matchOf, searchKinds, type SearchKind } from './search-words.js';

/** Found of each kind, the newest. */
const most = 8;
/** Words of a text around the one that was found. */
const around = 14;
// Marks where a found word begins and ends: characters that no text holds.
const [begin, end] = ['\u0002', '\u0003'];

/** A piece of a text, and whether it is a word that was looked for. */
export interface Piece {
  text: string;
  isFound: boolean;
}

export interface Hit {
  kind: SearchKind;
  id: string;
  /** What it opens: a submission, a person or an invoice, by the kind. */
  target: string;
  title: string;
  pieces: Piece[];
  at: number;
}

/** Looks for words in everything that a site has of its people. */
@Injectable()
export class SearchService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly indexer: IndexerService,
  ) {}

  /** What holds every word, by kind, the newest of each first. */
  async find(site: SiteEntity, words: string): Promise<Hit[]> {
    await this.indexer.catchUp();
    const found = await Promise.all(searchKinds.map((kind) => this.#ofKind(site, kind, words)));
    const hits = found.flat();
    // A note or a lead is told with whose it is.
    const people = await this.dataSource.getRepository(PersonEntity).findBy({
      id: In(hits.flatMap(({ kind, target }) => (kind === 'note' || kind === 'lead' ? [target] : []))),
    });
    const names = new Map(people.map(({ id, name, email, phone }) => [id, name || email || phone]));
    return hits.map((hit) => (hit.kind === 'note' ? { ...hit, title: names.get(hit.target) ?? '' } : hit));
  }

  async #ofKind(site: SiteEntity, kind: SearchKind, words: string): Promise<Hit[]> {
    const whole = await this.#matching(site, matchOf(site.id, kind, words, 'whole'));
    return whole.length < most ? this.#matching(site, matchOf(site.id, kind, words, 'beginning')) : whole;
  }

  async #matching(site: SiteEntity, match: string | null): Promise<Hit[]> {
    if (match === null) return [];
    const rows = await this.dataSource.query<(Omit<Hit, 'pieces'> & { snippet: string })[]>(
      `SELECT entry.kind, entry.ref AS id, entry.target, entry.title, entry.id / ${entriesPerMs} AS at,
         snippet(search_words, 1, ?, ?, ' … ', ${around}) AS snippet
       FROM search_words JOIN search_entry entry ON entry.id = search_words.rowid
       WHERE search_words MATCH ? AND entry.siteId = ? ORDER BY search_words.rowid DESC LIMIT ${most}`,
      [begin, end, match, site.id],
    );
    return rows.map(({ snippet, ...hit }) => ({ ...hit, pieces: piecesOf(snippet) }));
  }
}

const piecesOf = (snippet: string): Piece[] =>
  snippet
    .split(begin)
    .flatMap((part, index) => {
      const [found = '', rest] = index === 0 ? ['', part] : part.split(end);
      return [
        { text: found, isFound: true },
        { text: rest ?? '', isFound: false },
      ];
    })
    .filter(({ text }) => text !== '');
