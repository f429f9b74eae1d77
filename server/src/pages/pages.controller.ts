import { Body, Controller, Get, Header, Param, Post, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { FetchPageDto, StorePageDto } from './dto/page.dto.js';
import { PagesService } from './pages.service.js';

// The copy has no scripts left; this makes sure of it. Styles, images and fonts come from the client's site, or from
// the web by https; the images and fonts of widgets shown on it come from here, which need not be https.
function stillPolicy(origins: readonly string[]): string {
  const from = ["'self'", 'https:', ...origins].join(' ');
  return `default-src 'none'; style-src ${from} 'unsafe-inline'; img-src ${from} data:; font-src ${from} data:; media-src ${from}; form-action 'none'; frame-ancestors 'self'`;
}

@ApiTags('pages')
@Controller()
export class PagesController {
  constructor(
    private readonly pages: PagesService,
    private readonly sites: SitesService,
  ) {}

  @Get('api/sites/:site/pages')
  async list(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return this.pages.of(await this.sites.mine(user, siteId));
  }

  @Post('api/sites/:site/pages')
  async store(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Body() page: StorePageDto) {
    const { id, address, title } = await this.pages.store(await this.sites.mine(user, siteId), page);
    return { id, address, title };
  }

  /** Fetches a page of the site and keeps a still copy of it. */
  @Post('api/sites/:site/pages/fetch')
  async fetch(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Body() page: FetchPageDto) {
    const { id, address, title } = await this.pages.fetch(await this.sites.mine(user, siteId), page.address);
    return { id, address, title };
  }

  /** The stored copy itself, as the stage's frame loads it. */
  @Get('stage/pages/:page')
  @Header('content-type', 'text/html; charset=utf-8')
  async read(
    @CurrentUser() user: UserEntity,
    @Param('page') id: string,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    const page = await this.pages.byId(id);
    const { origins } = await this.sites.mine(user, page.siteId);
    void reply
      .header('cache-control', 'private, no-cache')
      .header('content-security-policy', stillPolicy(origins));
    return page.html;
  }
}
