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
    return view(await this.sites.change(await this.sites.mine(user, id), change));
  }
}

const view = ({ id, key, name, origins, seenAt, seenPage }: SiteEntity) => ({
  id,
  key,
  name,
  origins,
  seenAt,
  seenPage,
});
