import type { IncomingHttpHeaders } from 'node:http';
import { Body, Controller, Headers, HttpCode, Param, Post } from '@nestjs/common';
import { RouteConfig } from '@nestjs/platform-fastify';
import { ApiBody, ApiTags } from '@nestjs/swagger';
import { Public } from '../accounts/permission.js';
import { refuseForeignPage } from '../serving/serving.service.js';
import { FlatBodyPipe } from '../shared/flat-body.pipe.js';
import { SitesService } from '../sites/sites.service.js';
import { CollectService } from './collect.service.js';
import { EventsDto, SubmissionDto, type Submission } from './dto/submission.dto.js';
import { limited } from '../visitor-surface.js';
import { Answers } from '../shared/answers.js';
import { counted, taken } from './collect.answers.js';

/** What visitors' pages send. No session, only the site's own origins, small bodies. */
@ApiTags('collect')
@Public()
@Controller('c/:key')
export class CollectController {
  constructor(
    private readonly collect: CollectService,
    private readonly sites: SitesService,
  ) {}

  @Answers('Takes what a visitor entered; sent again with the same id, it is stored once.', taken)
  @RouteConfig(limited('collect'))
  @Post('submissions')
  @ApiBody({ type: SubmissionDto })
  @HttpCode(202)
  async submit(
    @Param('key') key: string,
    @Headers() headers: IncomingHttpHeaders,
    @Body(new FlatBodyPipe(SubmissionDto)) submission: Submission,
  ) {
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, headers);
    await this.collect.submit(site, submission);
    return { id: submission.id };
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
    const site = await this.sites.byKey(key);
    refuseForeignPage(site, headers);
    await this.collect.count(site, events);
    return { counted: events.events.length };
  }
}
