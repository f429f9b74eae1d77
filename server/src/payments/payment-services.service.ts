import { randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { Vault } from '../vault/vault.service.js';
import { newWebhookKey } from '../webhooks/signature.js';
import type { PaymentAccount } from './payment-client.js';
import { PaymentServiceEntity } from './payments.entity.js';

/** An account at a payment service, with what its results are signed with. */
export interface PaymentServiceSettings extends PaymentAccount {
  signingKey: string;
}

/** Which payment service each site uses: the test service where there is one, until another is named. */
@Injectable()
export class PaymentServicesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** What a site has set up; `null` where there is nothing to pay at. */
  async of(site: Pick<SiteEntity, 'id' | 'key'>): Promise<PaymentServiceSettings | null> {
    const found = await this.dataSource.getRepository(PaymentServiceEntity).findOneBy({ siteId: site.id });
    if (found)
      return {
        url: found.url,
        key: this.vault.open(found.sealedKey),
        signingKey: this.vault.open(found.sealedSigningKey),
      };
    const { standinPaymentPort: port } = this.config;
    if (port === null) return null;
    await this.#write(
      site,
      {
        url: `http://127.0.0.1:${port}`,
        // The test service tells by it whose it is.
        key: `test_${site.key}_${randomBytes(18).toString('base64url')}`,
        signingKey: newWebhookKey(),
      },
      'NOTHING',
    );
    return this.of(site);
  }

  /** Gives a site another payment service, with all that belongs to it. */
  async set(site: SiteEntity, settings: PaymentServiceSettings): Promise<void> {
    await this.#write(
      site,
      settings,
      'UPDATE SET url = excluded.url, sealedKey = excluded.sealedKey, sealedSigningKey = excluded.sealedSigningKey',
    );
  }

  /** Goes back to the test service, or to none. */
  async clear(site: SiteEntity): Promise<void> {
    await this.transactions.writeBare((database) =>
      statement(database, 'DELETE FROM payment_service WHERE siteId = ?').run(site.id),
    );
  }

  async #write(
    { id }: Pick<SiteEntity, 'id'>,
    { url, key, signingKey }: PaymentServiceSettings,
    otherwise: string,
  ): Promise<void> {
    await this.transactions.writeBare((database) =>
      statement(
        database,
        `INSERT INTO payment_service (siteId, url, sealedKey, sealedSigningKey) VALUES (?, ?, ?, ?)
           ON CONFLICT (siteId) DO ${otherwise}`,
      ).run(id, url, this.vault.seal(key), this.vault.seal(signingKey)),
    );
  }
}
