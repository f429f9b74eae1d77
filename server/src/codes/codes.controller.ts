import type { IncomingHttpHeaders } from 'node:http';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import { Public } from '../accounts/permission.js';
import { siteOfPage } from '../serving/site-of-page.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { addedCodes, codePool, givenCode, signedStart } from './codes.answers.js';
import { CodesService } from './codes.service.js';
import { AddCodesDto, AskCodeDto, StartDto } from './dto/codes.dto.js';

/** The site's pools of codes, for who works on it. */
@ApiTags('codes')
@SiteAccess('member')
@Controller('api/sites/:site/codes')
export class CodesController {
  constructor(private readonly codes: CodesService) {}

  @Answers('The pools of codes, and how many are given.', Type.Array(codePool))
  @Get()
  list(@CurrentSite() site: SiteEntity) {
    return this.codes.pools(site);
  }

  @Answers('Puts codes into a pool.', addedCodes)
  @Post()
  add(@CurrentSite() site: SiteEntity, @Body() codes: AddCodesDto) {
    return this.codes.add(site, codes);
  }

  @AnswersNothing('Deletes a pool with its codes.')
  @Delete(':pool')
  @HttpCode(204)
  remove(@CurrentSite() site: SiteEntity, @Param('pool') pool: string) {
    return this.codes.remove(site, pool);
  }
}

/** What visitors' pages ask for. No session, only the site's own origins. */
@ApiTags('codes')
@Public()
@Controller('c/:key')
export class VisitorCodesController {
  constructor(
    private readonly codes: CodesService,
    private readonly sites: SitesService,
  ) {}

  @Answers('Signs that a countdown of the visitor’s own begins now.', signedStart)
  @RouteConfig(limited('collect'))
  @Post('starts')
  async start(@Param('key') key: string, @Headers() headers: IncomingHttpHeaders, @Body() start: StartDto) {
    return this.codes.start(await this.#site(key, headers), start);
  }

  @Answers('Gives a visitor a code of a pool: always the same, and to nobody else.', givenCode)
  @RouteConfig(limited('collect'))
  @Post('codes')
  async give(@Param('key') key: string, @Headers() headers: IncomingHttpHeaders, @Body() ask: AskCodeDto) {
    return this.codes.give(await this.#site(key, headers), ask);
  }

  #site(key: string, headers: IncomingHttpHeaders) {
    return siteOfPage(this.sites, key, headers);
  }
}
