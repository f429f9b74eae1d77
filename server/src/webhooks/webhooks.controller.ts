import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { RotateDto } from './dto/rotate.dto.js';
import { webhookKey } from './webhooks.answers.js';
import { WebhooksService } from './webhooks.service.js';

/** What a site's webhooks are signed with, for its owners alone. */
@ApiTags('webhooks')
@SiteAccess('owner')
@Controller('api/sites/:site/webhook-key')
export class WebhooksController {
  constructor(private readonly webhooks: WebhooksService) {}

  @Answers('The key that the site’s webhooks are signed with.', webhookKey)
  @Get()
  read(@CurrentSite() site: SiteEntity) {
    return this.webhooks.key(site);
  }

  @Answers('Gives the site a new key; the old one signs beside it for a day.', webhookKey)
  @Post('rotate')
  @HttpCode(200)
  async rotate(@CurrentSite() site: SiteEntity, @Body() { since }: RotateDto) {
    await this.webhooks.rotate(site, since);
    return this.webhooks.key(site);
  }
}
