import { Body, Controller, Get, HttpCode, Param, Patch, Post, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import {
  happened,
  listedConversation,
  readConversation,
  storedMessage,
  toldOfConversation,
} from './chat.answers.js';
import { ChatService } from './chat.service.js';
import {
  AfterDto,
  ChangeConversationDto,
  ConversationsDto,
  DeskMessageDto,
  SinceDto,
} from './dto/chat.dto.js';
import { goneOf, longestWait } from './waiting.js';

/** The desk's side of a chat. */
@ApiTags('chat')
@SiteAccess('member')
@Controller('api/sites/:site/conversations')
export class DeskController {
  constructor(private readonly chat: ChatService) {}

  @Answers('The conversations of a site, the latest first.', Type.Array(listedConversation))
  @Get()
  async all(@CurrentSite() site: SiteEntity, @Query() { state }: ConversationsDto) {
    return (await this.chat.list(site, state)).map(toldOfConversation);
  }

  @Answers('Answers once something happens to a conversation of the site.', happened)
  @Get('happening')
  async happening(
    @CurrentSite() site: SiteEntity,
    @Query() { since }: SinceDto,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    return { count: await this.chat.deskWaits(site, since, longestWait, goneOf(reply)) };
  }

  @Answers('One conversation, with all behind a message.', readConversation)
  @Get(':conversation')
  async one(
    @CurrentSite() site: SiteEntity,
    @Param('conversation') id: string,
    @Query() { after = 0 }: AfterDto,
  ) {
    const { conversation, ...batch } = await this.chat.read(site, id, after);
    return { ...toldOfConversation(conversation), ...batch };
  }

  @Answers('Stores an answer or a note; sent again with the same id, it is stored once.', storedMessage)
  @Post(':conversation/messages')
  @HttpCode(202)
  async say(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('conversation') id: string,
    @Body() said: DeskMessageDto,
  ) {
    await this.chat.deskSays(site, id, user, said);
    return { id: said.message.id };
  }

  @AnswersNothing('Takes a conversation on, hands it over, ends it or opens it again.')
  @Patch(':conversation')
  @HttpCode(204)
  async change(
    @CurrentSite() site: SiteEntity,
    @Param('conversation') id: string,
    @Body() change: ChangeConversationDto,
  ) {
    await this.chat.change(site, id, change);
  }
}
