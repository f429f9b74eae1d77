import { Inject, Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { CLOCK, type ServerClock } from '../../config.js';
import { calendarFile } from '../../mail/calendar-file.js';
import { Mailer } from '../../mail/mailer.js';
import type { ActionHandler, Errand, Letter, Sent } from '../handler.js';
import { filledSubject, filledText } from '../mail-words.js';
import { senderMail } from '../sender-mail.js';

type Reply = Extract<Action, { type: 'reply' }>;

/** As the action was set, or as somebody of the site wrote it by hand. */
type Settings = Omit<Reply, 'type' | 'when'> & { by?: string };

/** Answers whoever sent a submission. */
@Injectable()
export class ReplyHandler implements ActionHandler<Reply> {
  constructor(
    private readonly mailer: Mailer,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Nobody is answered who has left no address. */
  targets({ type: _, when: __, ...settings }: Reply, { email }: Sent) {
    return email ? [{ target: email, settings }] : [];
  }

  /** Sends the mail. May be called more than once for a delivery: the mail carries its id. */
  async run(errand: Errand): Promise<void> {
    await this.mailer.send(await this.mail(errand), errand.site.name);
  }

  async mail(errand: Errand): Promise<Letter> {
    const settings = errand.delivery.settings as Settings;
    const { subject, text, replyTo, by } = settings;
    const calendar = await this.#calendar(errand, settings);
    return {
      // What a person wrote is no automatic answer (RFC 3834, 5), whatever carries it.
      ...senderMail(errand, { subject, text }, by === undefined ? {} : { 'Auto-Submitted': 'no' }),
      ...(replyTo && { replyTo: { name: '', address: replyTo } }),
      ...(calendar !== null && {
        attachments: [
          {
            filename: 'event.ics',
            content: calendar,
            contentType: 'text/calendar; method=PUBLISH; charset=utf-8',
          },
        ],
      }),
    };
  }

  async #calendar(errand: Errand, { subject, eventAt, eventTitle }: Settings): Promise<string | null> {
    if (!eventAt) return null;
    const { delivery, site } = errand;
    return calendarFile({
      id: delivery.id,
      title: filledSubject(eventTitle || subject, errand),
      when: filledText(eventAt, errand),
      zone: site.zone,
      organiser: site.name,
      now: this.clock.now(),
    });
  }
}
