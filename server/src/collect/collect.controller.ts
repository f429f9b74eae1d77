import type { IncomingHttpHeaders } from 'node:http';
import { Readable } from 'node:stream';
import {
  BadRequestException,
  Body,
  Controller,
  Headers,
  HttpCode,
  Param,
  Post,
  Query,
  Req,
} from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiBody, ApiConsumes, ApiTags } from '@nestjs/swagger';
import { Public } from '../accounts/permission.js';
import type { FastifyRequest } from 'fastify';
import { SendFileDto } from '../files/dto/send-file.dto.js';
import { FilesService } from '../files/files.service.js';
import { siteOfPage } from '../serving/site-of-page.js';
import { FlatBodyPipe } from '../shared/flat-body.pipe.js';
import { SitesService } from '../sites/sites.service.js';
import { CollectService } from './collect.service.js';
import { EventsDto, SubmissionDto, type Submission } from './dto/submission.dto.js';
import { limited } from '../visitor-surface.js';
import { Answers } from '../shared/answers.js';
import { counted, taken, takenSubmission } from './collect.answers.js';

/** What visitors' pages send. No session, only the site's own origins, small bodies. */
@ApiTags('collect')
@Public()
@Controller('c/:key')
export class CollectController {
  constructor(
    private readonly collect: CollectService,
    private readonly sites: SitesService,
    private readonly files: FilesService,
  ) {}

  @Answers('Takes what a visitor entered; sent again with the same id, it is stored once.', takenSubmission)
  @RouteConfig(limited('collect'))
  @Post('submissions')
  @ApiBody({ type: SubmissionDto })
  @HttpCode(202)
  async submit(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body(new FlatBodyPipe(SubmissionDto)) submission: Submission,
  ) {
    const site = await siteOfPage(this.sites, key, headers);
    const { next, member } = await this.collect.submit(site, submission);
    return { id: submission.id, ...(next !== null && { next }), ...(member && { member }) };
  }

  @Answers('Takes a file of a visitor ahead of the form that it is of; the file itself is the body.', taken)
  @RouteConfig(limited('collect'))
  @Post('files')
  @ApiConsumes('application/octet-stream')
  @HttpCode(202)
  async file(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Query() sent: SendFileDto,
    @Req() { body }: FastifyRequest,
  ) {
    const site = await siteOfPage(this.sites, key, headers);
    const rule = await this.collect.fileRule(site, sent);
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    const { id } = await this.files.take(site, rule, sent.name, body);
    return { id };
  }

  @Answers('Counts what happened to widgets on a page.', counted)
  @RouteConfig(limited('collect'))
  @Post('events')
  @HttpCode(202)
  async events(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body() events: EventsDto,
  ) {
    const site = await siteOfPage(this.sites, key, headers);
    await this.collect.count(site, events);
    return { counted: events.events.length };
  }
}
