import { Controller, Get, NotFoundException, Param, ParseEnumPipe } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { BridgeChecks, bridgeSteps, type BridgeStep } from './bridge-checks.js';
import { checkedStep } from './bridge.answers.js';

const stepPipe = new ParseEnumPipe(Object.fromEntries(bridgeSteps.map((step) => [step, step])), {
  exceptionFactory: () => new NotFoundException('There is no such test.'),
});

/** Whether the site's messenger is set up as it has to be; for its owners alone. */
@ApiTags('chat')
@SiteAccess('owner')
@Controller('api/sites/:site/messenger')
export class ChecksController {
  constructor(private readonly checks: BridgeChecks) {}

  @Answers('Tests one thing of the site’s messenger.', checkedStep)
  @Get('checks/:step')
  check(@CurrentSite() site: SiteEntity, @Param('step', stepPipe) step: BridgeStep) {
    return this.checks.check(site, step);
  }
}
