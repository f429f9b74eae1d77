import { deskOpen, type ChatRule, type DeskState } from '@sirene/core/chat';
import type { Action } from '@sirene/core/actions';
import { zoneTable } from '@sirene/core/base/zones';
import type { ZoneTable } from '@sirene/core/base/time';
import { chatRuleOf } from '@sirene/core/document/elements';
import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { statement } from '../database/statements.js';
import { SitePresence } from './site-presence.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { VersionEntity } from '../widgets/widgets.entity.js';

/** A chat as it is published. */
export interface PublishedChat {
  name: string;
  number: number;
  rule: ChatRule;
  /** What follows a message that is left outside its hours. */
  actions: readonly Action[];
}

/** Somebody at the desk. */
interface Account {
  id: string;
  email: string;
}

const dayMs = 86_400_000;

/** The chats that a site has published: what is asked before anything is taken for them. */
@Injectable()
export class PublishedChats {
  readonly #chats = new LRUCache<string, PublishedChat>({ max: 1000 });
  readonly #tables = new LRUCache<string, ZoneTable>({ max: 100 });

  constructor(
    private readonly dataSource: DataSource,
    private readonly connection: Connection,
    private readonly presence: SitePresence,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** A chat of a site. Refuses one that is not published, or is none. */
  async of(site: SiteEntity, widgetId: string): Promise<PublishedChat> {
    const widget = statement(
      this.connection.bare,
      'SELECT publishedNumber FROM widget WHERE id = ? AND siteId = ? AND deletedAt IS NULL',
    ).get(widgetId, site.id) as { publishedNumber: number | null } | undefined;
    const number = widget?.publishedNumber ?? null;
    if (number === null) throw new NotFoundException('widget is none that this site has published');
    const key = `${widgetId} ${number}`;
    const known = this.#chats.get(key) ?? (await this.#read(widgetId, number));
    this.#chats.set(key, known);
    return known;
  }

  /** How the desk of a chat stands at the moment. */
  stateOf(site: SiteEntity, { rule }: PublishedChat): DeskState {
    if (!deskOpen(rule.hours, this.#table(site.zone), this.clock.now())) return 'closed';
    if (rule.operators.length === 0) return this.presence.isHere(site.id) ? 'here' : 'away';
    return this.operators(site.id, rule).length > 0 ? 'here' : 'away';
  }

  /** Who of the desk is there and answers a chat. */
  operators(siteId: string, { operators: wanted }: Pick<ChatRule, 'operators'>): Account[] {
    return this.presence.available(siteId).flatMap((id) => {
      const email = statement(this.connection.bare, 'SELECT lower(email) FROM user WHERE id = ?')
        .pluck()
        .get(id);
      if (typeof email !== 'string' || (wanted.length > 0 && !wanted.includes(email))) return [];
      return [{ id, email }];
    });
  }

  async #read(widgetId: string, number: number): Promise<PublishedChat> {
    const version = await this.dataSource.getRepository(VersionEntity).findOneBy({ widgetId, number });
    const rule = version && chatRuleOf(version.document.elements);
    if (!version || !rule) throw new NotFoundException('widget holds no chat');
    const { name, afterwards } = version.document;
    return { name, number, rule, actions: afterwards.actions };
  }

  // For a month at a time: the clocks of a zone change twice a year.
  #table(zone: string): ZoneTable {
    const month = Math.floor(this.clock.now() / (30 * dayMs));
    const key = `${zone} ${month}`;
    const known = this.#tables.get(key);
    if (known) return known;
    const table = zoneTable(zone, (month * 30 - 2) * dayMs, (month * 30 + 40) * dayMs);
    this.#tables.set(key, table);
    return table;
  }
}
