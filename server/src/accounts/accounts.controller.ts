import { valueAt } from '@sirene/core/maps';
import { Body, Controller, Delete, Get, HttpCode, Inject, Post, Req, Res } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { CONFIG, type Config } from '../config.js';
import { AccountsService } from './accounts.service.js';
import { SignInDto } from './dto/sign-in.dto.js';
import { Public, refuseOtherOrigins, sessionCookie } from './session.guard.js';
import { limited } from '../visitor-surface.js';

@ApiTags('session')
@Controller('api/session')
export class AccountsController {
  constructor(
    private readonly accounts: AccountsService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** Who is signed in, and whether the demo account may be used. */
  @Public()
  @Get()
  async current(@Req() request: FastifyRequest) {
    const user = await this.accounts.userOf(valueAt(request.cookies, sessionCookie));
    return { user: user && { name: user.name, email: user.email }, demo: this.config.demo };
  }

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
    this.#setCookie(reply, await this.accounts.signIn(email, password));
  }

  @Public()
  @RouteConfig(limited('sign-in'))
  @Post('demo')
  @HttpCode(204)
  async signInToDemo(@Req() request: FastifyRequest, @Res({ passthrough: true }) reply: FastifyReply) {
    refuseOtherOrigins(request);
    this.#setCookie(reply, await this.accounts.signInToDemo());
  }

  @Delete()
  @HttpCode(204)
  async signOut(@Req() request: FastifyRequest, @Res({ passthrough: true }) reply: FastifyReply) {
    await this.accounts.signOut(valueAt(request.cookies, sessionCookie) ?? '');
    void reply.clearCookie(sessionCookie, { path: '/' });
  }

  #setCookie(reply: FastifyReply, token: string): void {
    const secure = this.config.origin.startsWith('https:');
    void reply.setCookie(sessionCookie, token, {
      path: '/',
      httpOnly: true,
      sameSite: 'strict',
      secure,
      maxAge: 14 * 86_400,
    });
  }
}
