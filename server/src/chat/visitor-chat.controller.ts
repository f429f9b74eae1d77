import type { IncomingHttpHeaders } from 'node:http';
import { Body, Controller, Headers, HttpCode, Param, Post, Res } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { Public } from '../accounts/permission.js';
import { refuseForeignPage } from '../serving/serving.service.js';
import { Answers } from '../shared/answers.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { followed, storedMessage } from './chat.answers.js';
import { ChatService } from './chat.service.js';
import { FollowDto, VisitorMessageDto } from './dto/chat.dto.js';
import { goneOf, longestWait } from './waiting.js';

/** The visitors' side of a chat. No session: who holds the token is the visitor. */
@ApiTags('chat')
@Public()
@Controller('c/:key/chat')
export class VisitorChatController {
  constructor(
    private readonly chat: ChatService,
    private readonly sites: SitesService,
  ) {}

  @Answers('Takes what a visitor wrote; sent again with the same id, it is stored once.', storedMessage)
  @RouteConfig(limited('collect'))
  @Post('messages')
  @HttpCode(202)
  async say(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() said: VisitorMessageDto,
  ) {
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, headers);
    await this.chat.visitorSays(site, said);
    return { id: said.message.id };
  }

  @Answers('Tells what there is behind a message; where there is nothing, once there is.', followed)
  @Post('follow')
  @HttpCode(200)
  async follow(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() asked: FollowDto,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, headers);
    const { token, widget, wait } = asked;
    // Before it is looked: what happens between the two is not missed.
    const waiting = wait ? this.chat.visitorWaits(site, token, widget, longestWait, goneOf(reply)) : null;
    const known = await this.chat.visitorReads(site, asked);
    const isSame =
      known.conversation === (asked.conversation ?? null) &&
      known.state === asked.state &&
      known.messages.length === 0;
    if (!isSame || !waiting) return known;
    await waiting;
    return this.chat.visitorReads(site, asked);
  }
}
