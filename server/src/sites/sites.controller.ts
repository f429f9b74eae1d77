import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { ChangeSiteDto, CreateSiteDto } from './dto/site.dto.js';
import type { SiteEntity } from './sites.entity.js';
import { SitesService } from './sites.service.js';

@ApiTags('sites')
@Controller('api/sites')
export class SitesController {
  constructor(private readonly sites: SitesService) {}

  @Get()
  async list(@CurrentUser() user: UserEntity) {
    return (await this.sites.of(user)).map(view);
  }

  @Post()
  async create(@CurrentUser() user: UserEntity, @Body() site: CreateSiteDto) {
    return view(await this.sites.create(user, site));
  }

  @Get(':site')
  async read(@CurrentUser() user: UserEntity, @Param('site') id: string) {
    return view(await this.sites.mine(user, id));
  }

  @Patch(':site')
  async change(@CurrentUser() user: UserEntity, @Param('site') id: string, @Body() change: ChangeSiteDto) {
    // What hides a site from everybody is for its owners.
    const site =
      change.archived === undefined ? await this.sites.mine(user, id) : await this.sites.owned(user, id);
    return view(await this.sites.change(site, change));
  }
}

const view = ({ id, key, name, origins, seenAt, seenPage, archivedAt }: SiteEntity) => ({
  id,
  key,
  name,
  origins,
  seenAt,
  seenPage,
  archivedAt,
});
