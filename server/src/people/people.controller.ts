import { Readable } from 'node:stream';
import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { submissionsCsv } from './csv.js';
import { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { PeopleService, type SubmissionView } from './people.service.js';

@ApiTags('people')
@Controller('api/sites/:site')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sites: SitesService,
  ) {}

  @Get('submissions')
  async list(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Query() filter: ListSubmissionsDto,
  ) {
    const site = await this.sites.mine(user, siteId);
    const { words, widget } = filter;
    const total = await this.people.count(site, { ...(words && { words }), ...(widget && { widget }) });
    const { views, next } = await this.people.submissions(site, filter);
    return { total, next, submissions: views.map(view) };
  }

  @Get('submissions.csv')
  async csv(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Query() filter: FilterSubmissionsDto,
    @Res() reply: FastifyReply,
  ) {
    const site = await this.sites.mine(user, siteId);
    const csv = submissionsCsv(() => this.people.pages(site, filter));
    return reply
      .type('text/csv; charset=utf-8')
      .header('content-disposition', 'attachment; filename="submissions.csv"')
      .send(Readable.from(csv));
  }

  @Get('submissions/:submission')
  async read(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('submission') id: string,
  ) {
    return view(await this.people.submission(await this.sites.mine(user, siteId), id));
  }
}

const view = ({ submission, person, deliveries }: SubmissionView) => ({
  id: submission.id,
  widget: { id: submission.widgetId, name: submission.widgetName, version: submission.versionNumber },
  person: person && { id: person.id, name: person.name, email: person.email },
  fields: submission.fields,
  page: submission.page,
  pageTitle: submission.pageTitle,
  receivedAt: submission.receivedAt,
  deliveries: deliveries.map(({ id, type, target, state, attempts, dueAt, lastAt, lastError }) => ({
    id,
    type,
    target,
    state,
    attempts,
    dueAt,
    lastAt,
    lastError,
  })),
});
