import { Inject, Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import type { SMTPServer, SMTPServerDataStream, SMTPServerSession } from 'smtp-server';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { InboundMail } from '../mail/inbound-mail.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import { newId } from '../shared/ids.js';
import type { MailEntity } from './standins.entity.js';

const insertMail = `INSERT INTO mail
    (id, sender, recipients, subject, text, html, attachments, headers, receivedAt)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`;

/** A mail server (SMTP, RFC 5321) that keeps what it is given instead of sending it on. */
@Injectable()
export class MailSink implements OnApplicationShutdown {
  readonly #logger = new Logger('Mail');
  #server: SMTPServer | undefined;

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly groups: GroupWriter,
    private readonly inbound: InboundMail,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts to listen, unless real mail is set up. Rejected when the port is taken. */
  async start(): Promise<void> {
    const port = this.config.standinSmtpPort;
    if (port === null) return;
    // Loaded where it is used: with real mail set up it is none of the server's memory and starting time.
    const { SMTPServer } = await import('smtp-server');
    const server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['STARTTLS', 'AUTH'],
      size: 10_000_000,
      logger: false,
      // A client that holds its connection open must not hold up the end.
      closeTimeout: 500,
      onData: (stream, session, done) => {
        this.#keep(stream, session).then(() => done(), done);
      },
    });
    this.#server = server;
    return new Promise((resolve, reject) => {
      server.on('error', (error) => {
        this.#logger.warn(error.message);
        reject(error);
      });
      server.listen(port, '127.0.0.1', resolve);
    });
  }

  /** The port it listens on, once started. */
  get port(): number {
    return (this.#server?.server.address() as { port: number }).port;
  }

  async onApplicationShutdown(): Promise<void> {
    await new Promise<void>((resolve) => (this.#server ? this.#server.close(() => resolve()) : resolve()));
  }

  async #keep(stream: SMTPServerDataStream, session: SMTPServerSession): Promise<void> {
    const { simpleParser } = await import('mailparser');
    const mail = await simpleParser(stream, { skipTextToHtml: true, skipImageLinks: true });
    const { mailFrom, rcptTo } = session.envelope;
    const attachments: MailEntity['attachments'] = mail.attachments.map(
      ({ filename, contentType, content }) => ({
        name: filename ?? '',
        type: contentType,
        text: contentType.startsWith('text/') ? content.toString('utf8').slice(0, 100_000) : '',
      }),
    );
    const headers: MailEntity['headers'] = mail.headerLines.map(({ key, line }) => ({
      name: key,
      value: line.slice(key.length + 1).trim(),
    }));
    // Together with what visitors send: in a transaction of its own each mail would have all of them wait.
    await this.groups.add((database) =>
      statement(database, insertMail).run(
        newId('mail'),
        mail.from?.text ?? (mailFrom ? mailFrom.address : ''),
        JSON.stringify(rcptTo.map(({ address }) => address)),
        mail.subject ?? '',
        mail.text ?? '',
        mail.html || '',
        JSON.stringify(attachments),
        JSON.stringify(headers),
        this.clock.now(),
      ),
    );
    await this.inbound.arrived({
      to: rcptTo.map(({ address }) => address),
      id: mail.messageId ?? newId('mail'),
      text: mail.text ?? '',
    });
  }
}
