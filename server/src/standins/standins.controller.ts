import { Controller, Get, NotFoundException, Param } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { MailEntity } from './standins.entity.js';

const most = 200;

@ApiTags('stand-ins')
@Controller('api/post')
export class StandinsController {
  constructor(private readonly dataSource: DataSource) {}

  /** The newest mails that the mail stand-in keeps. */
  @Get()
  list() {
    const select = { id: true, sender: true, recipients: true, subject: true, receivedAt: true };
    return this.dataSource
      .getRepository(MailEntity)
      .find({ select, order: { receivedAt: 'DESC' }, take: most });
  }

  @Get(':mail')
  async read(@Param('mail') id: string) {
    const mail = await this.dataSource.getRepository(MailEntity).findOneBy({ id });
    if (!mail) throw new NotFoundException('There is no such mail.');
    return mail;
  }
}
