import { Controller, Get, HttpCode, Inject, Param, Post } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import { Public } from '../accounts/permission.js';
import { CONFIG, type Config } from '../config.js';
import { AnswersFile } from '../shared/answers.js';
import { brandPage } from '../shared/brand-page.js';
import { GuardedPage } from '../shared/guarded-page.js';
import { pageWordsOf } from '../shared/site-language.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { linkPage, type LinkPage } from './link-pages.js';
import { ListsService } from './lists.service.js';

/** Where the links in the mails of a list lead. GET changes nothing: mail scanners open every link; POST does. */
@ApiTags('lists')
@Public()
@Controller('p/:key')
export class LinksController {
  constructor(
    private readonly lists: ListsService,
    private readonly sites: SitesService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @AnswersFile('The page on which somebody confirms that they want to be on a mailing list.', 'text/html')
  @Get('confirm/:token')
  @GuardedPage()
  async confirmPage(@Param('key') key: string, @Param('token') token: string) {
    return this.#shown(await this.sites.byKey(key), token, 'confirm');
  }

  @AnswersFile('Puts whoever has the link on the mailing list.', 'text/html')
  @RouteConfig(limited('collect'))
  @Post('confirm/:token')
  @HttpCode(200)
  @GuardedPage()
  async confirm(@Param('key') key: string, @Param('token') token: string) {
    const site = await this.sites.byKey(key);
    await this.lists.confirm(site, token, this.#page(key, 'confirm'));
    return this.#shown(site, token, 'confirm');
  }

  @AnswersFile('The page on which somebody leaves a mailing list.', 'text/html')
  @Get('unsubscribe/:token')
  @GuardedPage()
  async unsubscribePage(@Param('key') key: string, @Param('token') token: string) {
    return this.#shown(await this.sites.byKey(key), token, 'unsubscribe');
  }

  @AnswersFile(
    'Takes whoever has the link off the mailing list; mail programs call it too (RFC 8058).',
    'text/html',
  )
  @RouteConfig(limited('collect'))
  @Post('unsubscribe/:token')
  @HttpCode(200)
  @GuardedPage()
  async unsubscribe(@Param('key') key: string, @Param('token') token: string) {
    const site = await this.sites.byKey(key);
    await this.lists.unsubscribe(site, token, this.#page(key, 'unsubscribe'));
    return this.#shown(site, token, 'unsubscribe');
  }

  async #shown(site: SiteEntity, token: string, to: LinkPage): Promise<string> {
    const brand = this.sites.brandOf(site);
    const said = linkPage(to, await this.lists.look(site, token), site.name, pageWordsOf(brand));
    return brandPage(brand, site.name, said);
  }

  /** Where a link was followed, as it is kept: without the token, which opens it. */
  #page(key: string, to: LinkPage): string {
    return `${this.config.origin}/p/${key}/${to}`;
  }
}
