import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { Action } from '@sirene/core/widget';
import { createTransport, type Transporter } from 'nodemailer';
import { CONFIG, type Config } from '../../config.js';
import type { ActionHandler, Errand } from '../handler.js';

/** Tells people by mail that a submission has come; one delivery for each recipient. */
@Injectable()
export class NotifyHandler implements ActionHandler<Action & { type: 'notify' }>, OnModuleDestroy {
  readonly type = 'notify';
  readonly #transport: Transporter;

  constructor(@Inject(CONFIG) private readonly config: Config) {
    this.#transport = createTransport({
      url: config.smtpUrl,
      // One connection for many mails; a new one each would cost more than the mail.
      pool: true,
      connectionTimeout: 10_000,
      greetingTimeout: 10_000,
      socketTimeout: 20_000,
    } as object);
  }

  onModuleDestroy(): void {
    this.#transport.close();
  }

  targets({ recipients, subject }: Action & { type: 'notify' }) {
    return [...new Set(recipients)].map((target) => ({ target, settings: { subject } }));
  }

  async run({ delivery, submission, person, site }: Errand): Promise<void> {
    const { fields, page, pageTitle, receivedAt, widgetName } = submission;
    const lines = fields.map(({ label, value }) => `${label}: ${value || '(left empty)'}`);
    await this.#transport.sendMail({
      from: this.config.mailFrom,
      to: delivery.target,
      // The other side can tell a repeated mail by its id (RFC 5322, 3.6.4).
      messageId: `<${delivery.id}@sirene>`,
      subject: String(delivery.settings['subject'] ?? widgetName),
      ...(person && { replyTo: { name: '', address: person.email } }),
      text: [
        `${widgetName} on ${site.name}`,
        '',
        ...lines,
        '',
        `Sent from: ${pageTitle ? `${pageTitle} – ` : ''}${page}`,
        `Received: ${new Date(receivedAt).toISOString().replace('T', ' ').slice(0, 16)} UTC`,
        `In Sirene: ${this.config.origin}/people?submission=${encodeURIComponent(submission.id)}`,
      ].join('\n'),
    });
  }
}
