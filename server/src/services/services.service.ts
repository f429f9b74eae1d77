import { randomBytes, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { Vault } from '../vault/vault.service.js';
import { newWebhookKey } from '../webhooks/signature.js';
import { serviceKinds, type ServiceKind } from './kinds.js';
import { ServiceEntity } from './services.entity.js';

/** Where a service is reached, the key that it knows the site by, and what it signs with. */
export interface ServiceAccount {
  url: string;
  key: string;
  signingKey: string;
}

/** Which outside services each site uses: the stand-in where there is one, until another is named. */
@Injectable()
export class ServicesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    private readonly sites: SitesService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** A site's account; `null` where it has none. */
  async of(site: Pick<SiteEntity, 'id' | 'key'>, kind: ServiceKind): Promise<ServiceAccount | null> {
    const found = await this.dataSource.getRepository(ServiceEntity).findOneBy({ siteId: site.id, kind });
    if (found)
      return {
        url: found.url,
        key: this.vault.open(found.sealedKey),
        signingKey: this.vault.open(found.sealedSigningKey),
      };
    const url = this.standinUrl(kind);
    if (url === null) return null;
    // The stand-in tells by the key whose it is.
    const key = `test_${site.key}_${randomBytes(18).toString('base64url')}`;
    await this.#write(site, kind, { url, key, signingKey: newWebhookKey() }, 'NOTHING');
    return this.of(site, kind);
  }

  /** Where the stand-in for a service listens; `null` where there is none. */
  standinUrl(kind: ServiceKind): string | null {
    const port = serviceKinds[kind].standin(this.config);
    return port === null ? null : `http://127.0.0.1:${port}`;
  }

  /** Gives a site another service, with all that belongs to it. */
  async set(site: SiteEntity, kind: ServiceKind, account: ServiceAccount): Promise<void> {
    await this.#write(
      site,
      kind,
      account,
      'UPDATE SET url = excluded.url, sealedKey = excluded.sealedKey, sealedSigningKey = excluded.sealedSigningKey',
    );
  }

  /** Goes back to the stand-in, or to none. */
  async clear(site: SiteEntity, kind: ServiceKind): Promise<void> {
    await this.transactions.writeBare((database) =>
      statement(database, 'DELETE FROM service WHERE siteId = ? AND kind = ?').run(site.id, kind),
    );
  }

  /** Whose key a stand-in was given, as a bearer token (RFC 6750): it names its site, and is the one that the site has. */
  async holderOf(kind: ServiceKind, authorization: string): Promise<SiteEntity | null> {
    const key = authorization.replace(/^Bearer /, '');
    const [, siteKey] = /^test_([\w-]+)_[\w-]{24}$/.exec(key) ?? [];
    const site = siteKey === undefined ? null : await this.sites.byKey(siteKey).catch(() => null);
    const own = Buffer.from((site && (await this.of(site, kind))?.key) ?? '');
    const given = Buffer.from(key);
    return own.length === given.length && timingSafeEqual(own, given) ? site : null;
  }

  async #write(
    { id }: Pick<SiteEntity, 'id'>,
    kind: ServiceKind,
    { url, key, signingKey }: ServiceAccount,
    otherwise: string,
  ): Promise<void> {
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO service (siteId, kind, url, sealedKey, sealedSigningKey) VALUES (?, ?, ?, ?, ?)
           ON CONFLICT (siteId, kind) DO ${otherwise}`,
      ).run(id, kind, url, this.vault.seal(key), this.vault.seal(signingKey)),
    );
  }
}
