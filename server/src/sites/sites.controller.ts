import { Body, Controller, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
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
    return view(await this.sites.change(await this.sites.mine(user, id), change));
  }

  /** Puts a site aside: its widgets are shown to nobody until it is restored. */
  @Post(':site/archive')
  @HttpCode(200)
  async archive(@CurrentUser() user: UserEntity, @Param('site') id: string) {
    return view(await this.sites.archive(await this.sites.owned(user, id), true));
  }

  @Post(':site/restore')
  @HttpCode(200)
  async restore(@CurrentUser() user: UserEntity, @Param('site') id: string) {
    return view(await this.sites.archive(await this.sites.owned(user, id), false));
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
