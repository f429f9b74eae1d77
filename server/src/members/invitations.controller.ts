import { Body, Controller, Get, HttpCode, Inject, Param, Post, Req, Res } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { NewAccountDto } from '../accounts/dto/account.dto.js';
import { deviceOf, setSession } from '../accounts/session-cookie.js';
import { AnyAccount, Public } from '../accounts/permission.js';
import { CurrentUser, refuseOtherOrigins } from '../accounts/session.guard.js';
import { CONFIG, type Config } from '../config.js';
import { limited } from '../visitor-surface.js';
import { MembersService } from './members.service.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { invitation } from './members.answers.js';

/** An invitation as whoever was sent its link sees it: the token is all they have. */
@ApiTags('session')
@Controller('api/session/invitations/:token')
export class InvitationsController {
  constructor(
    private readonly members: MembersService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers('What a link invites to.', invitation)
  @Public()
  @RouteConfig(limited('sign-in'))
  @Get()
  read(@Param('token') token: string) {
    return this.members.invitation(token);
  }

  @AnswersNothing('Makes an account that is a member of the site, and signs in to it.')
  @Public()
  @RouteConfig(limited('sign-in'))
  @Post()
  @HttpCode(204)
  async accept(
    @Param('token') token: string,
    @Body() account: NewAccountDto,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    refuseOtherOrigins(request);
    setSession(reply, await this.members.accept(token, account, deviceOf(request)), this.config);
  }

  @AnswersNothing('Makes whoever is signed in a member.')
  @AnyAccount()
  @Post('join')
  @HttpCode(204)
  async join(@CurrentUser() user: UserEntity, @Param('token') token: string) {
    await this.members.join(token, user);
  }
}
