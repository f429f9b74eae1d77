import { Body, Controller, Get, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { AnyAccount } from '../accounts/permission.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { ChangeSiteDto, CreateSiteDto } from './dto/site.dto.js';
import { CurrentSite, SiteAccess } from './site-access.js';
import type { SiteEntity } from './sites.entity.js';
import { SitesService } from './sites.service.js';
import { Type } from '@sinclair/typebox';
import { Answers } from '../shared/answers.js';
import { siteAnswer, toldOfSite } from './sites.answers.js';

@ApiTags('sites')
@Controller('api/sites')
export class SitesController {
  constructor(private readonly sites: SitesService) {}

  @Answers('One’s sites.', Type.Array(siteAnswer))
  @AnyAccount()
  @Get()
  async list(@CurrentUser() user: UserEntity) {
    return (await this.sites.of(user)).map(toldOfSite);
  }

  @Answers('Makes a site, of which one is the owner.', siteAnswer)
  @AnyAccount()
  @Post()
  async create(@CurrentUser() user: UserEntity, @Body() site: CreateSiteDto) {
    return toldOfSite(await this.sites.create(user, site));
  }

  @Answers('One site.', siteAnswer)
  @SiteAccess('member')
  @Get(':site')
  async read(@CurrentSite() site: SiteEntity) {
    return toldOfSite(site);
  }

  @Answers('The paths of the site’s pages on which its script was seen.', Type.Array(Type.String()))
  @SiteAccess('member')
  @Get(':site/seen-pages')
  seenPages(@CurrentSite() site: SiteEntity) {
    return this.sites.seenPages(site.id);
  }

  @Answers('Changes what is said of a site, or archives it.', siteAnswer)
  @SiteAccess('member')
  @Patch(':site')
  async change(
    @CurrentUser() user: UserEntity,
    @CurrentSite() site: SiteEntity,
    @Body() change: ChangeSiteDto,
  ) {
    // What hides a site from everybody is for its owners.
    if (change.archived !== undefined) await this.sites.owned(user, site.id);
    return toldOfSite(await this.sites.change(site, change));
  }
}
