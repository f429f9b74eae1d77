import { ConflictException, Inject, Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Connection } from '../database/connection.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { Vault } from '../vault/vault.service.js';
import { isGenuine, newWebhookKey, webhookHeaders, type Message } from './signature.js';
import { WebhookKeyEntity } from './webhooks.entity.js';

/** How long a key that was replaced still signs, ms: so long receivers have to take the new one. */
const overlap = 24 * 3_600_000;

/** The keys that a site's webhooks are signed with. */
@Injectable()
export class WebhooksService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly connection: Connection,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The site's key, made when it is asked for first, and until when the one before it still signs. */
  async key(site: SiteEntity): Promise<{ key: string; createdAt: number; previousUntil: number | null }> {
    const { sealed, createdAt } = await this.#own(site);
    const previous = this.#keys(site.id).find(({ signsUntil }) => signsUntil !== null);
    return { key: this.vault.open(sealed), createdAt, previousUntil: previous?.signsUntil ?? null };
  }

  /** Gives the site a new key in the place of the one made at `since`; the old one signs beside it for a day. */
  async rotate(site: SiteEntity, since: number): Promise<void> {
    const now = this.clock.now();
    const sealed = this.vault.seal(newWebhookKey());
    await this.transactions.writeBare((database) => {
      const own = statement(
        database,
        'SELECT createdAt FROM webhook_key WHERE siteId = ? AND signsUntil IS NULL',
      ).get(site.id) as { createdAt: number } | undefined;
      if (own?.createdAt !== since)
        throw new ConflictException(
          'The key has been replaced meanwhile. Look at the one that is there now.',
        );
      // One that was replaced before goes at once: at most two sign.
      statement(database, 'DELETE FROM webhook_key WHERE siteId = ? AND signsUntil IS NOT NULL').run(site.id);
      statement(database, 'UPDATE webhook_key SET signsUntil = ? WHERE siteId = ?').run(
        now + overlap,
        site.id,
      );
      statement(
        database,
        'INSERT INTO webhook_key (id, siteId, sealed, createdAt, signsUntil) VALUES (?, ?, ?, ?, NULL)',
      ).run(newId('wk'), site.id, sealed, now);
    });
  }

  /** The headers of a message that goes out now. */
  async headers(site: SiteEntity, id: string, body: string): Promise<Record<string, string>> {
    const timestamp = Math.floor(this.clock.now() / 1000);
    // The site's own one is there from the first message on.
    let keys = this.#opened(site);
    if (keys.length === 0) keys = [this.vault.open((await this.#own(site)).sealed)];
    return webhookHeaders({ id, timestamp, body }, keys);
  }

  /** Whether a message came from this site, a moment ago. */
  isGenuine(site: SiteEntity, message: Message, signatures: string): boolean {
    return isGenuine(message, signatures, this.#opened(site), Math.floor(this.clock.now() / 1000));
  }

  #opened(site: SiteEntity): string[] {
    return this.#keys(site.id).map(({ sealed }) => this.vault.open(sealed));
  }

  /** Those that sign now, the newest first. */
  #keys(siteId: string): WebhookKeyEntity[] {
    return statement(
      this.connection.bare,
      `SELECT * FROM webhook_key WHERE siteId = ? AND (signsUntil IS NULL OR signsUntil > ?)
       ORDER BY createdAt DESC, id DESC`,
    ).all(siteId, this.clock.now()) as WebhookKeyEntity[];
  }

  async #own(site: SiteEntity): Promise<WebhookKeyEntity> {
    const find = () =>
      this.dataSource.getRepository(WebhookKeyEntity).findOneBy({ siteId: site.id, signsUntil: IsNull() });
    const known = await find();
    if (known) return known;
    const sealed = this.vault.seal(newWebhookKey());
    // Two who ask at once make one: the index knows.
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO webhook_key (id, siteId, sealed, createdAt, signsUntil) VALUES (?, ?, ?, ?, NULL)
           ON CONFLICT DO NOTHING`,
      ).run(newId('wk'), site.id, sealed, this.clock.now()),
    );
    return (await find()) as WebhookKeyEntity;
  }
}
