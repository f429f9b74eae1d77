import { Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { OutboxService } from './outbox.service.js';

@ApiTags('actions')
@SiteAccess('member')
@Controller('api/sites/:site/deliveries')
export class ActionsController {
  constructor(private readonly outbox: OutboxService) {}

  /** Tries a delivery again now. */
  @Post(':delivery/repeat')
  @HttpCode(200)
  async repeat(@CurrentSite() site: SiteEntity, @Param('delivery') id: string) {
    const delivery = await this.outbox.repeat(site, id);
    return { id: delivery.id, state: delivery.state };
  }
}
