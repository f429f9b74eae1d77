import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { deskGroups } from './chat.answers.js';
import { DeskGroups } from './desk-groups.service.js';
import { DeskGroupsDto } from './dto/desk-groups.dto.js';

/** The groups of a site's desk. */
@ApiTags('chat')
@SiteAccess('member')
@Controller('api/sites/:site/desk-groups')
export class DeskGroupsController {
  constructor(private readonly groups: DeskGroups) {}

  @Answers('The groups of the desk, by name.', deskGroups)
  @Get()
  read(@CurrentSite() site: SiteEntity) {
    return { groups: this.groups.of(site) };
  }

  @Answers('Puts other groups in the place of these.', deskGroups)
  @Put()
  @SiteAccess('owner')
  async set(@CurrentSite() site: SiteEntity, @Body() { groups }: DeskGroupsDto) {
    await this.groups.set(site, groups);
    return { groups: this.groups.of(site) };
  }
}
