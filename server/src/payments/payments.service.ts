import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import type { PaymentInterval } from '@sirene/core/actions';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { newToken } from '../accounts/tokens.js';
import { writeDeliveries } from '../actions/write-deliveries.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { SubmissionEntity } from '../people/people.entity.js';
import { newId } from '../shared/ids.js';
import { ServicesService } from '../services/services.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { isGenuine, type Message } from '../webhooks/signature.js';
import { PaymentClient } from './payment-client.js';
import { PaymentEntity, type PaymentState, type Receipt } from './payments.entity.js';
import { resultOf, type PaymentResult } from './payment-result.js';

/** What is to be paid, as the action of a form says. */
export interface Due {
  units: number;
  currency: string;
  interval: PaymentInterval;
  description: string;
  receipt: Receipt | null;
}

const insertPayment = `INSERT INTO payment
    (id, siteId, submissionId, widgetId, token, units, currency, interval, description, receipt, state, attempt, createdAt, since)
  SELECT ?, siteId, id, widgetId, ?, ?, ?, ?, ?, ?, 'open', 1, ?, ? FROM submission WHERE siteId = ? AND id = ?
  ON CONFLICT (siteId, submissionId) DO NOTHING`;

/** What came to nothing, and can be tried once more. */
const over: ReadonlySet<PaymentState> = new Set(['failed', 'left']);

/** Which state a result may lead to from which: what is paid stays paid, whatever is told late. */
const leads: Readonly<Record<PaymentResult['type'], { to: PaymentState; from: readonly PaymentState[] }>> = {
  'payment.paid': { to: 'paid', from: ['open', 'failed', 'left'] },
  'payment.failed': { to: 'failed', from: ['open', 'left'] },
  'payment.left': { to: 'left', from: ['open'] },
  'payment.refunded': { to: 'refunded', from: ['open', 'failed', 'left', 'paid'] },
};

/** What visitors pay: asked for by a form, collected by a payment service, certain once that has said so and signed it. */
@Injectable()
export class PaymentsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    private readonly services: ServicesService,
    private readonly client: PaymentClient,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Writes down what is to be paid, in the transaction that stores its submission; one payment for each. */
  begin(database: Database, siteId: string, submissionId: string, due: Due): void {
    const now = this.clock.now();
    const { units, currency, interval, description, receipt } = due;
    const own = [units, currency, interval, description, receipt && JSON.stringify(receipt), now, now];
    statement(database, insertPayment).run(newId('pay'), newToken(), ...own, siteId, submissionId);
  }

  /** The payment of a submission; `null` where it has none. */
  of(siteId: string, submissionId: string): Promise<PaymentEntity | null> {
    return this.dataSource.getRepository(PaymentEntity).findOneBy({ siteId, submissionId });
  }

  /** The payment that a link is about; `null` where there is none on this site. */
  byToken(site: SiteEntity, token: string): Promise<PaymentEntity | null> {
    return this.dataSource.getRepository(PaymentEntity).findOneBy({ token, siteId: site.id });
  }

  /** The page on which the visitor chose to pay; empty where what they sent has been erased. */
  async cameFrom({ siteId, submissionId }: PaymentEntity): Promise<string> {
    const submissions = this.dataSource.getRepository(SubmissionEntity);
    return (await submissions.findOneBy({ siteId, id: submissionId }))?.page ?? '';
  }

  /** Its own page: what is to be paid and how that stands. */
  pageOf(site: Pick<SiteEntity, 'key'>, { token }: PaymentEntity): string {
    return `${this.config.origin}/p/${site.key}/pay/${token}`;
  }

  /**
   * The page of the payment service on which the visitor pays; made where there is none yet, anew where the last try came to
   * nothing. `null` where nothing is left to pay. Throws where the service can't be had.
   */
  async payAt(site: SiteEntity, payment: PaymentEntity): Promise<string | null> {
    if (payment.state === 'open' && payment.sessionUrl) return payment.sessionUrl;
    if (payment.state !== 'open' && !over.has(payment.state)) return null;
    const account = await this.services.of(site, 'payments');
    if (!account) throw new ConflictException('No payment service is set up for this site.');
    const attempt = over.has(payment.state) ? payment.attempt + 1 : payment.attempt;
    const session = await this.client.session(account, {
      requestKey: `${payment.id}-${attempt}`,
      reference: payment.id,
      units: payment.units,
      currency: payment.currency,
      interval: payment.interval,
      description: payment.description,
      returnUrl: this.pageOf(site, payment),
      resultUrl: `${this.config.origin}/p/${site.key}/payments`,
    });
    const { changes } = await this.groups.add((database) =>
      statement(
        database,
        `UPDATE payment SET state = 'open', attempt = ?, sessionId = ?, sessionUrl = ?, since = ?
         WHERE id = ? AND attempt <= ? AND state IN ('open', 'failed', 'left')`,
      ).run(attempt, session.id, session.url, this.clock.now(), payment.id, attempt),
    );
    return changes > 0 ? session.url : null;
  }

  /**
   * Takes what a payment service says of a session. It counts only when it is signed and of this moment; told twice, it
   * counts once; told late, it changes nothing that is final.
   */
  async take(site: SiteEntity, message: Message, signatures: string): Promise<void> {
    const account = await this.services.of(site, 'payments');
    const now = this.clock.now();
    if (!account || !isGenuine(message, signatures, [account.signingKey], Math.floor(now / 1000)))
      throw new UnauthorizedException('The signature is not that of the site’s payment service.');
    const result = resultOf(message.body);
    if (typeof result === 'string') throw new BadRequestException(result);
    const outcome = await this.groups.add((database) => this.#told(database, site.id, message.id, result));
    if (outcome === 'unknown') throw new NotFoundException('There is no such payment.');
    if (outcome === 'differs')
      throw new ConflictException('The amount or the currency is not the one that was asked for.');
  }

  /** Has a payment paid back; it counts as such once the payment service says so. */
  async refund(site: SiteEntity, id: string): Promise<void> {
    const payment = await this.dataSource.getRepository(PaymentEntity).findOneBy({ id, siteId: site.id });
    if (!payment) throw new NotFoundException('There is no such payment.');
    if (payment.state !== 'paid' || payment.sessionId === null)
      throw new ConflictException('Only what has been paid can be paid back.');
    const account = await this.services.of(site, 'payments');
    if (!account) throw new ConflictException('No payment service is set up for this site.');
    await this.client.refund(account, payment.sessionId, `${payment.id}-refund`);
  }

  /** What has been paid by way of a widget, in the smallest unit of a currency; what was paid back is not of it. */
  async raised(
    site: SiteEntity,
    widgetId: string,
    currency: string,
  ): Promise<{ units: number; payments: number }> {
    const [row] = await this.dataSource.query<{ units: number | null; payments: number }[]>(
      `SELECT sum(units) AS units, count(*) AS payments FROM payment
       WHERE siteId = ? AND widgetId = ? AND currency = ? AND state = 'paid'`,
      [site.id, widgetId, currency],
    );
    return { units: row?.units ?? 0, payments: row?.payments ?? 0 };
  }

  #told(
    database: Database,
    siteId: string,
    messageId: string,
    { type, reference, session, amount, currency }: PaymentResult,
  ): 'taken' | 'unknown' | 'differs' {
    const now = this.clock.now();
    const found = statement(database, 'SELECT * FROM payment WHERE id = ? AND siteId = ?').get(
      reference,
      siteId,
    ) as (Omit<PaymentEntity, 'receipt'> & { receipt: string | null }) | undefined;
    if (!found) return 'unknown';
    if (amount !== found.units || currency !== found.currency) {
      const trouble = `The payment service told of ${amount} ${currency} in the place of ${found.units} ${found.currency}.`;
      statement(database, 'UPDATE payment SET trouble = ? WHERE id = ?').run(trouble, reference);
      return 'differs';
    }
    const { changes } = statement(
      database,
      'INSERT INTO payment_told (siteId, id, at) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
    ).run(siteId, messageId, now);
    const { to, from } = leads[type];
    // A try before the last one says nothing of the last, unless the money has come.
    const isOld = session !== found.sessionId && to !== 'paid' && to !== 'refunded';
    if (changes === 0 || isOld || !from.includes(found.state)) return 'taken';
    statement(
      database,
      'UPDATE payment SET state = ?, since = ?, sessionId = ?, sessionUrl = NULL, trouble = NULL WHERE id = ?',
    ).run(to, now, session, reference);
    if (to === 'paid') this.#sendReceipt(database, siteId, found.submissionId, found.receipt, now);
    return 'taken';
  }

  #sendReceipt(
    database: Database,
    siteId: string,
    submissionId: string,
    receipt: string | null,
    now: number,
  ): void {
    const person = statement(
      database,
      `SELECT person.email FROM submission JOIN person ON person.id = submission.personId
       WHERE submission.siteId = ? AND submission.id = ?`,
    ).get(siteId, submissionId) as { email: string } | undefined;
    if (!receipt || !person?.email) return;
    const settings = { receipt: JSON.parse(receipt) as Receipt };
    writeDeliveries(
      database,
      { siteId, submissionId },
      [{ type: 'payment', target: person.email, settings }],
      now,
    );
  }
}
