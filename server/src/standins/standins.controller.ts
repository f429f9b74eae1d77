import { Controller, Get, NotFoundException, Param } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource, type SelectQueryBuilder } from 'typeorm';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { AccountsService } from '../accounts/accounts.service.js';
import { AnyAccount } from '../accounts/permission.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { siteHeader } from '../mail/mailer.js';
import { MailEntity } from './standins.entity.js';
import { Type } from '@sinclair/typebox';
import { Answers } from '../shared/answers.js';
import { mail, wholeMail } from './standins.answers.js';

const most = 200;

@ApiTags('stand-ins')
@AnyAccount()
@Controller('api/post')
export class StandinsController {
  constructor(
    private readonly dataSource: DataSource,
    private readonly accounts: AccountsService,
  ) {}

  @Answers(
    'The newest mails that the mail stand-in keeps: those of one’s sites, and those to oneself.',
    Type.Array(mail),
  )
  @Get()
  async list(@CurrentUser() user: UserEntity) {
    const columns = ['id', 'sender', 'recipients', 'subject', 'receivedAt'];
    return (await this.#mailsFor(user))
      .select(columns.map((column) => `mail.${column}`))
      .orderBy('mail.receivedAt', 'DESC')
      .take(most)
      .getMany();
  }

  @Answers('One of these mails, whole.', wholeMail)
  @Get(':mail')
  async read(@CurrentUser() user: UserEntity, @Param('mail') id: string) {
    const mail = await (await this.#mailsFor(user)).andWhere('mail.id = :id', { id }).getOne();
    if (!mail) throw new NotFoundException('There is no such mail.');
    return mail;
  }

  async #mailsFor(user: UserEntity): Promise<SelectQueryBuilder<MailEntity>> {
    const sites = await this.accounts.sitesOf(user);
    return this.dataSource
      .getRepository(MailEntity)
      .createQueryBuilder('mail')
      .where(
        `(EXISTS (SELECT 1 FROM json_each(mail.headers) WHERE value ->> 'name' = :header AND value ->> 'value' IN (:...sites))
          OR EXISTS (SELECT 1 FROM json_each(mail.recipients) WHERE value = :email))`,
        { header: siteHeader.toLowerCase(), sites: ['', ...sites], email: user.email },
      );
  }
}
