import { Body, Controller, Get, Header, HttpCode, Post, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentPage, CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FastifyReply } from 'fastify';
import { FetchPageDto, StorePageDto } from './dto/page.dto.js';
import { PageSourceDto } from './dto/page-source.dto.js';
import { takenFormAnswer } from '../shared/core-answers.js';
import type { PageEntity } from './pages.entity.js';
import { PagesService } from './pages.service.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersFile } from '../shared/answers.js';
import { storedPage, toldOfPage } from './pages.answers.js';

// The copy has no scripts left; this makes sure of it. Styles, images and fonts come from the client's site, or from
// the web by https; the images and fonts of widgets shown on it come from here, which need not be https.
function stillPolicy(origins: readonly string[]): string {
  const from = ["'self'", 'https:', ...origins].join(' ');
  return `default-src 'none'; style-src ${from} 'unsafe-inline'; img-src ${from} data:; font-src ${from} data:; media-src ${from}; form-action 'none'; frame-ancestors 'self'`;
}

@ApiTags('pages')
@SiteAccess('member')
@Controller()
export class PagesController {
  constructor(private readonly pages: PagesService) {}

  @Answers('The pages that are kept for the stage.', Type.Array(storedPage))
  @Get('api/sites/:site/pages')
  async list(@CurrentSite() site: SiteEntity) {
    return this.pages.of(site);
  }

  @Answers('Keeps a still copy of a page whose HTML is given.', storedPage)
  @Post('api/sites/:site/pages')
  async store(@CurrentSite() site: SiteEntity, @Body() page: StorePageDto) {
    return toldOfPage(await this.pages.store(site, page));
  }

  @Answers('Fetches a page of the site and keeps a still copy of it.', storedPage)
  @Post('api/sites/:site/pages/fetch')
  async fetch(@CurrentSite() site: SiteEntity, @Body() page: FetchPageDto) {
    return toldOfPage(await this.pages.fetch(site, page.address));
  }

  @Answers('The forms of a page, as elements of a widget. Nothing is saved.', Type.Array(takenFormAnswer))
  @Post('api/sites/:site/pages/forms')
  @HttpCode(200)
  async forms(@CurrentSite() site: SiteEntity, @Body() page: PageSourceDto) {
    return this.pages.forms(site, page);
  }

  @AnswersFile('The stored copy itself, as the stage’s frame loads it.', 'text/html')
  @Get('stage/pages/:page')
  @Header('content-type', 'text/html; charset=utf-8')
  read(
    @CurrentSite() { origins }: SiteEntity,
    @CurrentPage() { html }: PageEntity,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    void reply
      .header('cache-control', 'private, no-cache')
      .header('content-security-policy', stillPolicy(origins));
    return html;
  }
}
