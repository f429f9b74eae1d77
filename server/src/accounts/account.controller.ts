import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Put, Req } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import { limited } from '../visitor-surface.js';
import type { UserEntity } from './accounts.entity.js';
import { AccountsService } from './accounts.service.js';
import { ChangePasswordDto, RenameDto } from './dto/account.dto.js';
import { sessionToken } from './session-cookie.js';
import { AnyAccount } from './permission.js';
import { CurrentUser } from './session.guard.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { ownSession } from './accounts.answers.js';

/** What somebody who is signed in does to their own account. */
@ApiTags('account')
@AnyAccount()
@Controller('api/account')
export class AccountController {
  constructor(private readonly accounts: AccountsService) {}

  @AnswersNothing('Changes one’s own name.')
  @Patch()
  @HttpCode(204)
  async rename(@CurrentUser() user: UserEntity, @Body() { name }: RenameDto) {
    await this.accounts.rename(user, name);
  }

  @AnswersNothing('Changes one’s own password, by the one so far; other sessions end.')
  @RouteConfig(limited('sign-in'))
  @Put('password')
  @HttpCode(204)
  async changePassword(
    @CurrentUser() user: UserEntity,
    @Body() { current, password }: ChangePasswordDto,
    @Req() request: FastifyRequest,
  ) {
    await this.accounts.changePassword(user, current, password, sessionToken(request));
  }

  @Answers('Where one is signed in.', Type.Array(ownSession))
  @Get('sessions')
  sessions(@CurrentUser() user: UserEntity, @Req() request: FastifyRequest) {
    return this.accounts.sessionsOf(user, sessionToken(request));
  }

  @AnswersNothing('Signs out somewhere else.')
  @Delete('sessions/:session')
  @HttpCode(204)
  async endSession(@CurrentUser() user: UserEntity, @Param('session') id: string) {
    await this.accounts.endSession(user, id);
  }
}
