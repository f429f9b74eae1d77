import { Global, Module } from '@nestjs/common';
import { InboundMail } from './inbound-mail.js';
import { Mailer } from './mailer.js';

@Global()
@Module({ providers: [Mailer, InboundMail], exports: [Mailer, InboundMail] })
export class MailModule {}
