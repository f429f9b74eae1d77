import { Inject, Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { CONFIG, type Config } from '../../config.js';
import { Mailer, siteHeader } from '../../mail/mailer.js';
import type { ActionHandler, Errand } from '../handler.js';

/** Tells people by mail that a submission has come; one delivery for each recipient. */
@Injectable()
export class NotifyHandler implements ActionHandler<Action & { type: 'notify' }> {
  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly mailer: Mailer,
  ) {}

  /** One target for each recipient, named twice or not. */
  targets({ recipients, subject }: Action & { type: 'notify' }) {
    return [...new Set(recipients)].map((target) => ({ target, settings: { subject } }));
  }

  /** Sends the mail. May be called more than once for a delivery: the mail carries its id. */
  async run({ delivery, submission, person, site }: Errand): Promise<void> {
    const { fields, page, pageTitle, receivedAt, widgetName } = submission;
    const lines = fields.map(({ label, value }) => `${label}: ${value || '(left empty)'}`);
    await this.mailer.send({
      to: delivery.target,
      headers: { [siteHeader]: site.id },
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
