import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { RepeatFailedDto } from './dto/repeat-failed.dto.js';
import { OutboxService } from './outbox.service.js';
import { Answers } from '../shared/answers.js';
import { repeated, repeatedAll } from './actions.answers.js';

@ApiTags('actions')
@SiteAccess('member')
@Controller('api/sites/:site/deliveries')
export class ActionsController {
  constructor(private readonly outbox: OutboxService) {}

  @Answers('Tries every delivery that failed again now.', repeatedAll)
  @Post('repeat-failed')
  @HttpCode(200)
  async repeatFailed(@CurrentSite() site: SiteEntity, @Body() _: RepeatFailedDto) {
    return { repeated: await this.outbox.repeatFailed(site) };
  }

  @Answers('Tries a delivery again now.', repeated)
  @Post(':delivery/repeat')
  @HttpCode(200)
  async repeat(@CurrentSite() site: SiteEntity, @Param('delivery') id: string) {
    const delivery = await this.outbox.repeat(site, id);
    return { id: delivery.id, state: delivery.state };
  }
}
