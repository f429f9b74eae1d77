import { Readable } from 'node:stream';
import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FastifyReply } from 'fastify';
import { submissionsCsv } from './csv.js';
import { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { PeopleService, type SubmissionView } from './people.service.js';

@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get('submissions')
  async list(@CurrentSite() site: SiteEntity, @Query() filter: ListSubmissionsDto) {
    const { words, widget } = filter;
    const total = await this.people.count(site, { ...(words && { words }), ...(widget && { widget }) });
    const { views, next } = await this.people.submissions(site, filter);
    return { total, next, submissions: views.map(view) };
  }

  @Get('submissions.csv')
  async csv(
    @CurrentSite() site: SiteEntity,
    @Query() filter: FilterSubmissionsDto,
    @Res() reply: FastifyReply,
  ) {
    const csv = submissionsCsv(() => this.people.pages(site, filter));
    return reply
      .type('text/csv; charset=utf-8')
      .header('content-disposition', 'attachment; filename="submissions.csv"')
      .send(Readable.from(csv));
  }

  @Get('submissions/:submission')
  async read(@CurrentSite() site: SiteEntity, @Param('submission') id: string) {
    return view(await this.people.submission(site, id));
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
