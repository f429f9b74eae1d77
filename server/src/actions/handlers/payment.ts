import { Injectable } from '@nestjs/common';
import { amountIn, fillWords, type Action } from '@sirene/core/actions';
import { minorUnits } from '@sirene/core/base/money';
import type { Answer } from '@sirene/core/form';
import type { Database } from 'better-sqlite3';
import { Mailer } from '../../mail/mailer.js';
import { amountText } from '../../payments/pay-pages.js';
import type { Receipt } from '../../payments/payments.entity.js';
import { PaymentsService, type Due } from '../../payments/payments.service.js';
import { languageOf, pageWordsOf } from '../../shared/site-language.js';
import type { SiteEntity } from '../../sites/sites.entity.js';
import { Unwanted, type ActionHandler, type Errand, type Sent } from '../handler.js';
import { senderMail } from '../sender-mail.js';

type Payment = Extract<Action, { type: 'payment' }>;

/** What one delivery does: has a payment made ready, or says that it has arrived. */
type Settings = (Due & { receipt: Receipt | null }) | { receipt: Receipt; units?: undefined };

const textOf = (answer: Answer): string => (typeof answer === 'object' ? answer.join(', ') : String(answer));

/** Most that is asked for at once, in the smallest unit: a slip in a formula is no payment. */
const mostUnits = 1e9;

/** Asks the sender to pay, and sends the receipt. */
@Injectable()
export class PaymentHandler implements ActionHandler<Payment> {
  constructor(
    private readonly payments: PaymentsService,
    private readonly mailer: Mailer,
  ) {}

  /** Nothing is to be paid where the amount is none. */
  targets(action: Payment, { answers }: Sent) {
    const { currency = 'EUR', interval = 'once', receipt, receiptSubject } = action;
    const texts = Object.entries(answers).map(([key, answer]) => [key, textOf(answer)]);
    const words = fillWords(action.description, Object.fromEntries(texts) as Record<string, string>);
    const description =
      words
        .replace(/[\p{Cc}\s]+/gu, ' ')
        .trim()
        .slice(0, 200) || 'Payment';
    const amount = amountIn(action.amount, answers);
    const units = amount === null ? 0 : minorUnits(amount, currency);
    if (units < 1 || units > mostUnits) return [];
    const mail = receipt?.trim() && { subject: receiptSubject?.trim() || description, text: receipt };
    return [
      { target: description, settings: { units, currency, interval, description, receipt: mail || null } },
    ];
  }

  atOnce(database: Database, siteId: string, submissionId: string, settings: Record<string, unknown>): void {
    this.payments.begin(database, siteId, submissionId, settings as unknown as Due);
  }

  /** The page of the payment service; that of the payment itself where the service does not answer. */
  async next(site: SiteEntity, submissionId: string): Promise<string | null> {
    const payment = await this.payments.of(site.id, submissionId);
    if (!payment) return null;
    return this.payments.payAt(site, payment).catch(() => this.payments.pageOf(site, payment));
  }

  async run(errand: Errand): Promise<void> {
    const { delivery, site } = errand;
    const payment = await this.payments.of(site.id, delivery.submissionId);
    if (!payment) throw new Unwanted('Another payment of this submission took its place.');
    const settings = delivery.settings as Settings;
    if (settings.units !== undefined) {
      // Ready, so that the visitor has but to go there; who has paid already needs no other.
      if (payment.state === 'open') await this.payments.payAt(site, payment);
      return;
    }
    const page = this.payments.pageOf(site, payment);
    const { subject, text } = settings.receipt;
    const words = pageWordsOf(site.brand);
    const facts = `${payment.description}: ${amountText(payment, languageOf(site.brand))}\n${words.number}: ${payment.id}`;
    await this.mailer.send(
      senderMail(errand, {
        subject,
        text: `${text.trim()}\n\n${facts}`,
        button: { label: words.receipt, href: page },
      }),
      site.name,
    );
  }
}
