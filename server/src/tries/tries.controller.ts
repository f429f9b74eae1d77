import { Body, Controller, Get, Header, Param, Post, Req } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { Public } from '../accounts/permission.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { refuseForeignPage } from '../serving/serving.service.js';
import { triedManifest } from '../serving/serving.answers.js';
import { Answers } from '../shared/answers.js';
import { compiledAnswer } from '../shared/core-answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { MakeTryDto } from './dto/try.dto.js';
import { tryAnswer } from './tries.answers.js';
import { TriesService } from './tries.service.js';

/** Drafts on a client's live page, for those who hold a link. */
@ApiTags('tries')
@Controller()
export class TriesController {
  constructor(private readonly tries: TriesService) {}

  @Answers('Makes a link that opens a page of the site with its drafts on it.', tryAnswer)
  @SiteAccess('member')
  @Post('api/sites/:site/tries')
  make(@CurrentUser() user: UserEntity, @CurrentSite() site: SiteEntity, @Body() { address }: MakeTryDto) {
    return this.tries.make(site, user, address);
  }

  @Answers('The manifest of the site’s drafts, for pages of its own.', triedManifest)
  @Public()
  @Get('t/:token.json')
  @Header('cache-control', 'no-store')
  async manifest(@Param('token') token: string, @Req() { headers }: FastifyRequest) {
    const site = await this.tries.siteOf(token);
    refuseForeignPage(site, headers);
    return this.tries.manifest(site, token);
  }

  @Answers('A draft compiled.', compiledAnswer)
  @Public()
  @Get('t/:token/:widget.json')
  @Header('cache-control', 'no-store')
  async body(@Param('token') token: string, @Param('widget') widget: string) {
    return this.tries.body(await this.tries.siteOf(token), widget);
  }
}
