import { Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { OutboxService } from './outbox.service.js';

@ApiTags('actions')
@Controller('api/sites/:site/deliveries')
export class ActionsController {
  constructor(
    private readonly outbox: OutboxService,
    private readonly sites: SitesService,
  ) {}

  /** Tries a delivery again now. */
  @Post(':delivery/repeat')
  @HttpCode(200)
  async repeat(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('delivery') id: string,
  ) {
    const delivery = await this.outbox.repeat(await this.sites.mine(user, siteId), id);
    return { id: delivery.id, state: delivery.state };
  }
}
