import { Inject, Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { CONFIG, type Config } from '../../config.js';
import { Mailer, siteHeader } from '../../mail/mailer.js';
import type { ActionHandler, Errand, Letter } from '../handler.js';
import { answerLines, filledSubject, filledText, pageLine } from '../mail-words.js';

/** Tells people by mail that a submission has come; one delivery for each recipient. */
@Injectable()
export class NotifyHandler implements ActionHandler<Action & { type: 'notify' }> {
  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly mailer: Mailer,
  ) {}

  /** One target for each recipient, named twice or not. */
  targets({ recipients, subject, text }: Action & { type: 'notify' }) {
    return [...new Set(recipients)].map((target) => ({
      target,
      settings: { subject, ...(text && { text }) },
    }));
  }

  /** Sends the mail. May be called more than once for a delivery: the mail carries its id. */
  async run(errand: Errand): Promise<void> {
    await this.mailer.send(this.mail(errand));
  }

  mail(errand: Errand): Letter {
    const { delivery, submission, person, site } = errand;
    const { subject = submission.widgetName, text } = delivery.settings as {
      subject?: string;
      text?: string;
    };
    return {
      to: delivery.target,
      headers: { [siteHeader]: site.id },
      // The other side can tell a repeated mail by its id (RFC 5322, 3.6.4).
      messageId: `<${delivery.id}@sirene>`,
      subject: filledSubject(subject, errand),
      ...(person?.email && { replyTo: { name: '', address: person.email } }),
      text: text ? filledText(text, errand) : this.#plain(errand),
    };
  }

  /** What is told where the designer has written nothing. */
  #plain({ submission, site }: Errand): string {
    const { fields, receivedAt, widgetName } = submission;
    return [
      `${widgetName} on ${site.name}`,
      '',
      ...answerLines(fields),
      '',
      `Sent from: ${pageLine(submission)}`,
      `Received: ${new Date(receivedAt).toISOString().replace('T', ' ').slice(0, 16)} UTC`,
      `In Sirene: ${this.config.origin}/people?submission=${encodeURIComponent(submission.id)}`,
    ].join('\n');
  }
}
