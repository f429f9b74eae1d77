import { Controller, Get, NotFoundException, Param } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { BridgeChecks, bridgeSteps } from './bridge-checks.js';
import { checkedStep } from './bridge.answers.js';

/** Whether the site's messenger is set up as it has to be; for its owners alone. */
@ApiTags('chat')
@SiteAccess('owner')
@Controller('api/sites/:site/messenger')
export class ChecksController {
  constructor(private readonly checks: BridgeChecks) {}

  @Answers('Tests one thing of the site’s messenger.', checkedStep)
  @Get('checks/:step')
  check(@CurrentSite() site: SiteEntity, @Param('step') named: string) {
    const step = bridgeSteps.find((one) => one === named);
    if (!step) throw new NotFoundException('There is no such test.');
    return this.checks.check(site, step);
  }
}
