import type { IncomingHttpHeaders } from 'node:http';
import { Body, Controller, Headers, HttpCode, Param, Post, Res } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { Public } from '../accounts/permission.js';
import { storedMessage } from '../chat/chat.answers.js';
import { goneOf } from '../chat/waiting.js';
import { siteOfPage } from '../serving/site-of-page.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import {
  BlockMemberDto,
  FindMembersDto,
  FollowMembersDto,
  ReportMemberDto,
  SayToMemberDto,
} from './dto/member-chat.dto.js';
import { followedMembers, foundMembers } from './member-chat.answers.js';
import { MemberChatService } from './member-chat.service.js';

/** What members of a client's site write each other. No session: who holds a token that the site has signed is that member. */
@ApiTags('member chat')
@Public()
@Controller('c/:key/members')
export class MemberChatController {
  constructor(
    private readonly chat: MemberChatService,
    private readonly sites: SitesService,
  ) {}

  @Answers(
    'Tells a member’s threads, and what is new in the open one; once there is something.',
    followedMembers,
  )
  @Post('follow')
  @HttpCode(200)
  async follow(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() asked: FollowMembersDto,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    return this.chat.follow(await this.#site(key, headers), asked, goneOf(reply));
  }

  @Answers(
    'Takes what a member writes to another; sent again with the same id, it is stored once.',
    storedMessage,
  )
  @RouteConfig(limited('collect'))
  @Post('messages')
  @HttpCode(202)
  async say(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() said: SayToMemberDto,
  ) {
    await this.chat.say(await this.#site(key, headers), said);
    return { id: said.message.id };
  }

  @Answers('Members by a part of their names.', foundMembers)
  @RouteConfig(limited('collect'))
  @Post('find')
  @HttpCode(200)
  async find(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() { identity, words }: FindMembersDto,
  ) {
    return { members: await this.chat.find(await this.#site(key, headers), identity, words) };
  }

  @AnswersNothing('Blocks another member, or does so no more.')
  @RouteConfig(limited('collect'))
  @Post('block')
  @HttpCode(204)
  async block(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() { identity, other, isBlocked }: BlockMemberDto,
  ) {
    await this.chat.block(await this.#site(key, headers), identity, other, isBlocked);
  }

  @AnswersNothing('Reports another member to the desk.')
  @RouteConfig(limited('collect'))
  @Post('report')
  @HttpCode(204)
  async report(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() { identity, other, reason }: ReportMemberDto,
  ) {
    await this.chat.report(await this.#site(key, headers), identity, other, reason);
  }

  #site(key: string, headers: IncomingHttpHeaders) {
    return siteOfPage(this.sites, key, headers);
  }
}
