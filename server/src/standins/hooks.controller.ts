import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { BehaveDto } from './dto/hooks.dto.js';
import { HookSink } from './hook-sink.js';
import { testWebhooks } from './standins.answers.js';
import { TestHookEntity } from './standins.entity.js';

const most = 100;

/** The receiver of test webhooks, as the studio shows it. */
@ApiTags('stand-ins')
@SiteAccess('member')
@Controller('api/sites/:site/test-webhooks')
export class HooksController {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sink: HookSink,
  ) {}

  @Answers('What the webhook stand-in has received, the newest first, and how it behaves.', testWebhooks)
  @Get()
  async list(@CurrentSite() site: SiteEntity) {
    const calls = await this.dataSource
      .getRepository(TestHookEntity)
      .find({ where: { siteId: site.id }, order: { lastAt: 'DESC', id: 'DESC' }, take: most });
    return {
      url: this.sink.urlOf(site.key),
      behaviour: this.sink.behaviourOf(site.id),
      calls: calls.map(({ id, body, genuine, times, answered, lastAt }) => ({
        id,
        body,
        genuine: genuine === 1,
        times,
        answered,
        lastAt,
      })),
    };
  }

  @Answers('Sets how the webhook stand-in behaves from now on.', testWebhooks)
  @Put()
  behave(@CurrentSite() site: SiteEntity, @Body() { behaviour }: BehaveDto) {
    this.sink.behave(site.id, behaviour);
    return this.list(site);
  }
}
