import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { createTransport, type SendMailOptions, type Transporter } from 'nodemailer';
import { CONFIG, type Config } from '../config.js';

/** Names the site that a mail is about: the mail stand-in shows it to those who work there. */
export const siteHeader = 'X-Sirene-Site';

/** The one way by which mail leaves. */
@Injectable()
export class Mailer implements OnModuleDestroy {
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

  /**
   * Resolved once the other side has taken it; throws when it does not.
   *
   * @param as whose name it comes under, such as a site's to its visitors; that of this installation where nothing is said
   */
  async send(mail: Omit<SendMailOptions, 'from'>, as?: string): Promise<void> {
    const { mailFrom } = this.config;
    const address = /<([^<>]+)>\s*$/.exec(mailFrom)?.[1] ?? mailFrom;
    await this.#transport.sendMail({ from: as === undefined ? mailFrom : { name: as, address }, ...mail });
  }
}
