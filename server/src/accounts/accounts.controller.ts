import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Put, Req, Res } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { CONFIG, type Config } from '../config.js';
import { limited } from '../visitor-surface.js';
import { AccountsService } from './accounts.service.js';
import { AskResetDto, ResetDto, SetUpDto } from './dto/account.dto.js';
import { SignInDto } from './dto/sign-in.dto.js';
import { deviceOf, sessionCookie, sessionToken, setSession } from './session-cookie.js';
import { AnyAccount, Public } from './permission.js';
import { refuseOtherOrigins } from './session.guard.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { session } from './accounts.answers.js';

/** The ways in: signing in, the first account, a password that was forgotten. */
@ApiTags('session')
@Controller('api/session')
export class AccountsController {
  constructor(
    private readonly accounts: AccountsService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers(
    'Who is signed in, whether the demo account may be used, and whether the first account is still to be made.',
    session,
  )
  @Public()
  @Get()
  async current(@Req() request: FastifyRequest) {
    const user = await this.accounts.userOf(sessionToken(request));
    return {
      user: user && { name: user.name, email: user.email },
      demo: this.config.demo,
      setUp: !user && (await this.accounts.isEmpty()),
    };
  }

  @AnswersNothing('Signs in; the answer sets the session’s cookie.')
  @Public()
  @RouteConfig(limited('sign-in'))
  @Post()
  @HttpCode(204)
  async signIn(
    @Body() { email, password }: SignInDto,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    refuseOtherOrigins(request);
    setSession(reply, await this.accounts.signIn(email, password, deviceOf(request)), this.config);
  }

  @AnswersNothing('Signs in to the demo account, where there is one.')
  @Public()
  @RouteConfig(limited('sign-in'))
  @Post('demo')
  @HttpCode(204)
  async signInToDemo(@Req() request: FastifyRequest, @Res({ passthrough: true }) reply: FastifyReply) {
    refuseOtherOrigins(request);
    setSession(reply, await this.accounts.signInToDemo(deviceOf(request)), this.config);
  }

  @AnswersNothing('Makes the first account, by the code that the server printed when it started.')
  @Public()
  @RouteConfig(limited('sign-in'))
  @Post('setup')
  @HttpCode(204)
  async setUp(
    @Body() account: SetUpDto,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    refuseOtherOrigins(request);
    setSession(reply, await this.accounts.setUp(account, deviceOf(request)), this.config);
  }

  @AnswersNothing(
    'Sends a link for a new password; the answer is the same whether the address has an account or not.',
  )
  @Public()
  @RouteConfig(limited('sign-in'))
  @Post('reset')
  @HttpCode(204)
  async askReset(@Body() { email }: AskResetDto, @Req() request: FastifyRequest) {
    refuseOtherOrigins(request);
    await this.accounts.askReset(email);
  }

  @AnswersNothing('Sets a new password by such a link, and signs in.')
  @Public()
  @RouteConfig(limited('sign-in'))
  @Put('reset/:token')
  @HttpCode(204)
  async reset(
    @Param('token') token: string,
    @Body() { password }: ResetDto,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    refuseOtherOrigins(request);
    setSession(reply, await this.accounts.reset(token, password, deviceOf(request)), this.config);
  }

  @AnswersNothing('Signs out.')
  @AnyAccount()
  @Delete()
  @HttpCode(204)
  async signOut(@Req() request: FastifyRequest, @Res({ passthrough: true }) reply: FastifyReply) {
    await this.accounts.signOut(sessionToken(request));
    void reply.clearCookie(sessionCookie, { path: '/' });
  }
}
