import { Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { taken } from './collect.answers.js';
import { CollectService } from './collect.service.js';

/** What is held back as spam, for who works on the site. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site/submissions/:submission/release')
export class HeldController {
  constructor(private readonly collect: CollectService) {}

  @Answers('Lets a submission through that was held back: its actions follow now.', taken)
  @Post()
  @HttpCode(200)
  async release(@CurrentSite() site: SiteEntity, @Param('submission') id: string) {
    await this.collect.release(site, id);
    return { id };
  }
}
