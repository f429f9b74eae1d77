import { Inject, Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { CONFIG, type Config } from '../../config.js';
import type { Welcome } from '../../lists/lists.entity.js';
import { ListsService } from '../../lists/lists.service.js';
import { Mailer } from '../../mail/mailer.js';
import { Unwanted, type ActionHandler, type Errand, type Letter, type Sent } from '../handler.js';
import { senderMail } from '../sender-mail.js';
import type { MailContent } from '../../mail/branded.js';
import { pageWordsOf } from '../../shared/site-language.js';

type List = Extract<Action, { type: 'list' }>;

type Asking = Pick<List, 'list' | 'subject' | 'text'>;

/** Asks the sender to confirm; or, with a token, welcomes whoever has. */
type Settings = (Asking & { welcome?: Welcome; token?: undefined }) | { welcome: Welcome; token: string };

/** Puts the sender on a mailing list once they have confirmed it from their own mailbox. */
@Injectable()
export class ListHandler implements ActionHandler<List> {
  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly lists: ListsService,
    private readonly mailer: Mailer,
  ) {}

  /** Nobody can be on a list who has left no address. */
  targets({ list, subject, text, welcome, welcomeSubject }: List, { email }: Sent) {
    if (email === '' || list.trim() === '') return [];
    const greeting = welcome?.trim() && {
      welcome: { subject: welcomeSubject?.trim() || list.trim(), text: welcome },
    };
    return [{ target: email, settings: { list: list.trim(), subject, text, ...(greeting || {}) } }];
  }

  /** May be called more than once for a delivery: what was asked is noted once, and the mail carries the delivery's id. */
  run(errand: Errand): Promise<void> {
    const settings = errand.delivery.settings as Settings;
    return settings.token === undefined ? this.#ask(errand, settings) : this.#welcome(errand, settings);
  }

  async #ask(errand: Errand, settings: Settings & { token?: undefined }): Promise<void> {
    const { submission, person, site } = errand;
    if (!person) throw new Unwanted('Whoever sent it is not known here any more.');
    const agreed = submission.fields.filter(({ consent }) => consent).map(({ value }) => value);
    const { state, token } = await this.lists.ask({
      siteId: site.id,
      list: settings.list,
      personId: person.id,
      submissionId: submission.id,
      page: submission.page,
      words: agreed.join('\n'),
      welcome: settings.welcome ?? null,
    });
    // Whoever is on it already, or has left it since, is not asked again.
    if (state !== 'pending') return;
    await this.mailer.send(this.#asking(errand, settings, token), errand.site.name);
  }

  /** What asks to confirm, with a link that confirms nobody. */
  mail(errand: Errand): Letter {
    return this.#asking(errand, errand.delivery.settings as Asking, 'sample');
  }

  #asking(errand: Errand, { subject, text }: Asking, token: string): Letter {
    const button = {
      label: pageWordsOf(errand.site.brand).confirmButton,
      href: this.#link(errand, 'confirm', token),
    };
    return senderMail(errand, { subject, text, button });
  }

  async #welcome(errand: Errand, { welcome, token }: Settings & { token: string }): Promise<void> {
    const { state } = await this.lists.look(errand.site, token);
    if (state !== 'confirmed') throw new Unwanted('They have left the list since.');
    const href = this.#link(errand, 'unsubscribe', token);
    const { confirmedWhy, leave } = pageWordsOf(errand.site.brand);
    await this.#send(
      errand,
      welcome,
      { foot: { text: confirmedWhy, link: { label: leave, href } } },
      // One click in the mail program itself (RFC 8058).
      { 'List-Unsubscribe': `<${href}>`, 'List-Unsubscribe-Post': 'List-Unsubscribe=One-Click' },
    );
  }

  #link({ site }: Errand, to: 'confirm' | 'unsubscribe', token: string): string {
    return `${this.config.origin}/p/${site.key}/${to}/${token}`;
  }

  #send(
    errand: Errand,
    { subject, text }: Welcome,
    parts: Omit<MailContent, 'text'>,
    headers?: Record<string, string>,
  ): Promise<void> {
    return this.mailer.send(senderMail(errand, { subject, text, ...parts }, headers), errand.site.name);
  }
}
