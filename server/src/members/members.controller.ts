import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { RoleDto } from './dto/members.dto.js';
import { MembersService } from './members.service.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { members, newInvitation } from './members.answers.js';

/** Who works on a site, and who has been invited to. */
@ApiTags('members')
@SiteAccess('member')
@Controller('api/sites/:site')
export class MembersController {
  constructor(
    private readonly members: MembersService,
    private readonly sites: SitesService,
  ) {}

  @Answers('Who works on a site, and the invitations that are open.', members)
  @Get('members')
  async list(@CurrentSite() site: SiteEntity) {
    return this.members.of(site);
  }

  @AnswersNothing('Makes a member an owner, or an owner a member.')
  @SiteAccess('owner')
  @Patch('members/:member')
  @HttpCode(204)
  async change(@CurrentSite() site: SiteEntity, @Param('member') member: string, @Body() { role }: RoleDto) {
    await this.members.change(site, member, role);
  }

  @AnswersNothing('Removes a member; whoever is one may leave.')
  @Delete('members/:member')
  @HttpCode(204)
  async remove(
    @CurrentUser() user: UserEntity,
    @CurrentSite() site: SiteEntity,
    @Param('member') member: string,
  ) {
    // Whoever is a member may leave.
    if (member !== user.id) await this.sites.owned(user, site.id);
    await this.members.remove(site, member);
  }

  @Answers('Makes an invitation; its link is told this once.', newInvitation)
  @SiteAccess('owner')
  @Post('invitations')
  async invite(@CurrentUser() user: UserEntity, @CurrentSite() site: SiteEntity, @Body() { role }: RoleDto) {
    return this.members.invite(user, site, role);
  }

  @AnswersNothing('Withdraws an invitation.')
  @SiteAccess('owner')
  @Delete('invitations/:invitation')
  @HttpCode(204)
  async withdraw(@CurrentSite() site: SiteEntity, @Param('invitation') id: string) {
    await this.members.withdraw(site, id);
  }
}
