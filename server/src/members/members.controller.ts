import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { RoleDto } from './dto/members.dto.js';
import { MembersService } from './members.service.js';

/** Who works on a site, and who has been invited to. */
@ApiTags('members')
@Controller('api/sites/:site')
export class MembersController {
  constructor(
    private readonly members: MembersService,
    private readonly sites: SitesService,
  ) {}

  @Get('members')
  async list(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return this.members.of(await this.sites.mine(user, siteId));
  }

  @Patch('members/:member')
  @HttpCode(204)
  async change(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('member') member: string,
    @Body() { role }: RoleDto,
  ) {
    await this.members.change(await this.sites.owned(user, siteId), member, role);
  }

  @Delete('members/:member')
  @HttpCode(204)
  async remove(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('member') member: string,
  ) {
    // Whoever is a member may leave.
    const site =
      member === user.id ? await this.sites.mine(user, siteId) : await this.sites.owned(user, siteId);
    await this.members.remove(site, member);
  }

  /** A new invitation; its link is told this once. */
  @Post('invitations')
  async invite(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Body() { role }: RoleDto) {
    return this.members.invite(user, await this.sites.owned(user, siteId), role);
  }

  @Delete('invitations/:invitation')
  @HttpCode(204)
  async withdraw(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('invitation') id: string,
  ) {
    await this.members.withdraw(await this.sites.owned(user, siteId), id);
  }
}
