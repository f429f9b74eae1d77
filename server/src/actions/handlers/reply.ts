import { Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { brandedMail } from '../../mail/branded.js';
import { Mailer, siteHeader } from '../../mail/mailer.js';
import type { ActionHandler, Errand, Sent } from '../handler.js';
import { filledSubject, filledText } from '../mail-words.js';
import { senderOf } from '../sender.js';

type Reply = Extract<Action, { type: 'reply' }>;

/** Answers whoever sent a submission. */
@Injectable()
export class ReplyHandler implements ActionHandler<Reply> {
  constructor(private readonly mailer: Mailer) {}

  /** Nobody is answered who has left no address. */
  targets({ subject, text, replyTo }: Reply, { email }: Sent) {
    return email ? [{ target: email, settings: { subject, text, ...(replyTo && { replyTo }) } }] : [];
  }

  /** Sends the mail. May be called more than once for a delivery: the mail carries its id. */
  async run(errand: Errand): Promise<void> {
    const { delivery, site } = errand;
    const { subject, text, replyTo } = delivery.settings as Pick<Reply, 'subject' | 'text' | 'replyTo'>;
    await this.mailer.send({
      to: { name: '', address: delivery.target },
      headers: {
        [siteHeader]: site.id,
        // No program answers it (RFC 3834, 5).
        'Auto-Submitted': 'auto-replied',
      },
      messageId: `<${delivery.id}@sirene>`,
      subject: filledSubject(subject, errand),
      ...(replyTo && { replyTo: { name: '', address: replyTo } }),
      ...brandedMail(senderOf(site), { text: filledText(text, errand) }),
    });
  }
}
