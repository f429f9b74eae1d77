import { Readable } from 'node:stream';
import {
  BadRequestException,
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  Patch,
  Post,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { largestChatFile, transcriptData, transcriptText } from '@sirene/core/chat';
import { ApiConsumes, ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { FilesService } from '../files/files.service.js';
import { Answers, AnswersFile, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import {
  chatFile,
  chatReportAnswer,
  happened,
  listedConversation,
  madeLead,
  readConversation,
  storedMessage,
  toldOfConversation,
} from './chat.answers.js';
import { DeskService } from './desk.service.js';
import {
  AfterDto,
  ChangeConversationDto,
  ConversationsDto,
  DeskFileDto,
  DeskMessageDto,
  ReportDto,
  SinceDto,
  TranscriptDto,
} from './dto/desk.dto.js';
import { goneOf, longestWait } from './waiting.js';

/** The desk's side of a chat. */
@ApiTags('chat')
@SiteAccess('member')
@Controller('api/sites/:site/conversations')
export class DeskController {
  constructor(
    private readonly desk: DeskService,
    private readonly files: FilesService,
  ) {}

  @Answers('The conversations of a site, the latest first.', Type.Array(listedConversation))
  @Get()
  async all(@CurrentSite() site: SiteEntity, @Query() { state }: ConversationsDto) {
    return (await this.desk.list(site, state)).map(toldOfConversation);
  }

  @Answers('Answers once something happens to a conversation of the site.', happened)
  @Get('happening')
  async happening(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Query() asked: SinceDto,
    @Res({ passthrough: true }) reply: FastifyReply,
  ) {
    return this.desk.waits(site, user, asked, longestWait, goneOf(reply));
  }

  @Answers('How the conversations of the last days went.', chatReportAnswer)
  @Get('report')
  report(@CurrentSite() site: SiteEntity, @Query() { days }: ReportDto) {
    return this.desk.report(site, days);
  }

  @Answers('Takes a file ahead of the answer that it is of; the file itself is the body.', chatFile)
  @Post('files')
  @ApiConsumes('application/octet-stream')
  @HttpCode(202)
  async file(
    @CurrentSite() site: SiteEntity,
    @Query() { name }: DeskFileDto,
    @Req() { body }: FastifyRequest,
  ) {
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    const taken = await this.files.take(
      site,
      { types: ['pictures', 'pdf', 'documents'], bytes: largestChatFile },
      name,
      body,
    );
    return { id: taken.id, name: taken.name, type: taken.type, bytes: taken.bytes };
  }

  @Answers('One conversation, with all behind a message.', readConversation)
  @Get(':conversation')
  one(@CurrentSite() site: SiteEntity, @Param('conversation') id: string, @Query() { after = 0 }: AfterDto) {
    const { conversation, ...batch } = this.desk.read(site, id, after);
    return { ...toldOfConversation(conversation), ...batch };
  }

  @Answers('Earlier conversations of the same person, the latest first.', Type.Array(listedConversation))
  @Get(':conversation/earlier')
  async earlier(@CurrentSite() site: SiteEntity, @Param('conversation') id: string) {
    return (await this.desk.earlier(site, id)).map(toldOfConversation);
  }

  @AnswersFile('A conversation as a text, or as JSON.', 'text/plain')
  @Get(':conversation/transcript')
  async transcript(
    @CurrentSite() site: SiteEntity,
    @Param('conversation') id: string,
    @Query() { as = 'text' }: TranscriptDto,
    @Res() reply: FastifyReply,
  ) {
    const { conversation, messages } = this.desk.read(site, id, 0);
    const { widgetName, name, email, page } = conversation;
    const head = { chat: widgetName, visitor: name || email, page };
    const [type, ending, body] =
      as === 'json'
        ? ['application/json', 'json', JSON.stringify(transcriptData(head, messages), null, 2)]
        : ['text/plain', 'txt', transcriptText(head, messages, site.zone)];
    return reply
      .type(`${type}; charset=utf-8`)
      .header('content-disposition', `attachment; filename="conversation-${id}.${ending}"`)
      .send(body);
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
    await this.desk.say(site, id, user, said);
    return { id: said.message.id };
  }

  @AnswersNothing('Says that somebody at the desk is writing just now.')
  @Post(':conversation/typing')
  @HttpCode(204)
  types(@CurrentSite() site: SiteEntity, @CurrentUser() user: UserEntity, @Param('conversation') id: string) {
    this.desk.types(site, id, user);
  }

  @Answers('Makes a lead of whoever writes.', madeLead)
  @Post(':conversation/lead')
  async lead(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('conversation') id: string,
  ) {
    return this.desk.makeLead(site, id, user);
  }

  @AnswersNothing('Takes a conversation on, hands it over, lets it rest, ends it or opens it again.')
  @Patch(':conversation')
  @HttpCode(204)
  async change(
    @CurrentSite() site: SiteEntity,
    @Param('conversation') id: string,
    @Body() change: ChangeConversationDto,
  ) {
    await this.desk.change(site, id, change);
  }
}
