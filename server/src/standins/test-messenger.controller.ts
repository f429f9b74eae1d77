import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { TestMessengerDto } from './dto/test-messenger.dto.js';
import { MessengerSink } from './messenger-sink.js';
import { testMessenger } from './standins.answers.js';
import { TestTextEntity } from './standins.entity.js';

const most = 100;

/** The messenger stand-in, as the studio shows it. */
@ApiTags('stand-ins')
@SiteAccess('member')
@Controller('api/sites/:site/test-messenger')
export class TestMessengerController {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sink: MessengerSink,
  ) {}

  @Answers(
    'The site’s channel at the messenger stand-in, and what was written there, the newest first.',
    testMessenger,
  )
  @Get()
  async read(@CurrentSite() site: SiteEntity) {
    const texts = await this.dataSource
      .getRepository(TestTextEntity)
      .find({ where: { siteId: site.id }, order: { at: 'DESC', id: 'DESC' }, take: most });
    const { webhookUrl, domains, behaviour } = await this.sink.settingsOf(site);
    return {
      ...{ url: this.sink.url, link: this.sink.linkOf(site), webhookUrl, domains, behaviour },
      texts: texts.map(({ id, name, text, told, at }) => ({ id, name, text, at, told: told !== null })),
    };
  }

  @Answers('Sets the site’s channel at the messenger stand-in.', testMessenger)
  @Put()
  async set(@CurrentSite() site: SiteEntity, @Body() { webhookUrl, domains, behaviour }: TestMessengerDto) {
    await this.sink.set(site, { webhookUrl, domains, behaviour });
    return this.read(site);
  }
}
