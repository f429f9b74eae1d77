import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FastifyReply } from 'fastify';
import { submissionsCsv } from './csv.js';
import { FilterSubmissionsDto, ListSubmissionsDto } from './dto/list-submissions.dto.js';
import { download } from '../shared/download.js';
import { PeopleService } from './people.service.js';
import { Answers, AnswersFile } from '../shared/answers.js';
import { submission, submissionList, toldOfSubmission } from './people.answers.js';

@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Answers('Submissions, newest first, a page at a time.', submissionList)
  @Get('submissions')
  async list(@CurrentSite() site: SiteEntity, @Query() filter: ListSubmissionsDto) {
    const { after: _after, limit: _limit, ...which } = filter;
    const { views, next } = await this.people.submissions(site, filter);
    const [total, unread, held, failed] = await Promise.all([
      this.people.count(site, which),
      this.people.count(site, { unread: 'true' }),
      this.people.count(site, { held: 'true' }),
      this.people.failed(site),
    ]);
    return {
      ...total,
      unread: unread.total,
      held: held.total,
      failed,
      next,
      submissions: views.map(toldOfSubmission),
    };
  }

  @AnswersFile('Every submission that matches, as a table.', 'text/csv')
  @Get('submissions.csv')
  async csv(
    @CurrentSite() site: SiteEntity,
    @Query() filter: FilterSubmissionsDto,
    @Res() reply: FastifyReply,
  ) {
    const csv = submissionsCsv(() => this.people.pages(site, filter));
    return download(reply, 'submissions.csv', 'text/csv', csv);
  }

  @Answers('One submission, with what became of it.', submission)
  @Get('submissions/:submission')
  async read(@CurrentSite() site: SiteEntity, @Param('submission') id: string) {
    return toldOfSubmission(await this.people.submission(site, id));
  }
}
