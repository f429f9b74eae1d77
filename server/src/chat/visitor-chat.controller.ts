import type { IncomingHttpHeaders } from 'node:http';
import { Readable } from 'node:stream';
import {
  BadRequestException,
  Body,
  Controller,
  Get,
  Headers,
  HttpCode,
  Param,
  Post,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { largestChatFile } from '@sirene/core/chat';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiConsumes, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Public } from '../accounts/permission.js';
import { sendFile } from '../files/send-file.js';
import { FilesService } from '../files/files.service.js';
import { siteOfPage } from '../serving/site-of-page.js';
import { Answers, AnswersFile, AnswersNothing } from '../shared/answers.js';
import { SitesService } from '../sites/sites.service.js';
import { limited } from '../visitor-surface.js';
import { AnswerMails } from './answer-mails.js';
import { chatFile, followed, storedMessage } from './chat.answers.js';
import {
  FollowDto,
  RateDto,
  SendChatFileDto,
  VisitorDto,
  VisitorMessageDto,
} from './dto/visitor-chat.dto.js';
import { VisitorChatService } from './visitor-chat.service.js';
import { goneOf } from './waiting.js';

/** The visitors' side of a chat by requests, for pages whose network lets no sockets through. No session: who holds the token is the visitor. */
@ApiTags('chat')
@Public()
@Controller('c/:key/chat')
export class VisitorChatController {
  constructor(
    private readonly chat: VisitorChatService,
    private readonly files: FilesService,
    private readonly mails: AnswerMails,
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
    await this.chat.say(await this.#site(key, headers), said);
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
    return this.chat.follow(await this.#site(key, headers), asked, goneOf(reply));
  }

  @AnswersNothing('Says that the visitor is writing just now.')
  @Post('typing')
  @HttpCode(204)
  async types(@Param('key') key: string, @Headers() headers: IncomingHttpHeaders, @Body() asked: VisitorDto) {
    this.chat.types(await this.#site(key, headers), asked);
  }

  @AnswersNothing('Ends the conversation, as the visitor wishes.')
  @RouteConfig(limited('collect'))
  @Post('end')
  @HttpCode(204)
  async end(@Param('key') key: string, @Headers() headers: IncomingHttpHeaders, @Body() asked: VisitorDto) {
    await this.chat.end(await this.#site(key, headers), asked);
  }

  @AnswersNothing('Revokes the visitor’s token: it opens no conversation any more. The desk keeps them.')
  @RouteConfig(limited('collect'))
  @Post('forget')
  @HttpCode(204)
  async forget(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() asked: VisitorDto,
  ) {
    await this.chat.forget(await this.#site(key, headers), asked);
  }

  @AnswersNothing('Rates a conversation that has ended.')
  @RouteConfig(limited('collect'))
  @Post('rating')
  @HttpCode(204)
  async rate(@Param('key') key: string, @Headers() headers: IncomingHttpHeaders, @Body() asked: RateDto) {
    await this.chat.rate(await this.#site(key, headers), asked);
  }

  @AnswersNothing('Sends the conversation to the visitor’s address by e-mail.')
  @RouteConfig(limited('sign-in'))
  @Post('transcript')
  @HttpCode(204)
  async transcript(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() asked: VisitorDto,
  ) {
    const site = await this.#site(key, headers);
    await this.mails.transcript(site, await this.chat.transcribed(site, asked));
  }

  @Answers('Takes a file ahead of the message that it is of; the file itself is the body.', chatFile)
  @RouteConfig(limited('collect'))
  @Post('files')
  @ApiConsumes('application/octet-stream')
  @HttpCode(202)
  async file(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Query() { widget, name }: SendChatFileDto,
    @Req() { body }: FastifyRequest,
  ) {
    const site = await this.#site(key, headers);
    const types = await this.chat.filesOf(site, widget);
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    const taken = await this.files.take(site, { types: [...types], bytes: largestChatFile }, name, body);
    return { id: taken.id, name: taken.name, type: taken.type, bytes: taken.bytes };
  }

  @AnswersFile('A file of a conversation: nobody can guess its id.', 'application/octet-stream')
  @Get('files/:file')
  async read(@Param('key') key: string, @Param('file') id: string, @Res() reply: FastifyReply) {
    const site = await this.sites.byKey(key);
    return sendFile(reply, await this.files.readSent(site, id));
  }

  #site(key: string, headers: IncomingHttpHeaders) {
    return siteOfPage(this.sites, key, headers);
  }
}
