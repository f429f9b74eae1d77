import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { RemovalService } from '../people/removal.service.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { AnswerDto, ChangeSubmissionsDto, SomeSubmissionsDto, ViewDto } from './dto/inbox.dto.js';
import { changedSubmissions, submissionView, toldOfView } from './inbox.answers.js';
import { InboxService } from './inbox.service.js';
import { ViewsService } from './views.service.js';

/** Work on the submissions of a site. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site')
export class InboxController {
  constructor(
    private readonly inbox: InboxService,
    private readonly views: ViewsService,
    private readonly removal: RemovalService,
  ) {}

  @Answers('Says of submissions that they have been read, or who takes them on.', changedSubmissions)
  @Post('submissions/change')
  @HttpCode(200)
  async change(@CurrentSite() site: SiteEntity, @Body() body: ChangeSubmissionsDto) {
    return { changed: await this.inbox.change(site, body) };
  }

  @Answers(
    'Deletes submissions, with their files and all that followed; whoever sent them stays.',
    changedSubmissions,
  )
  @SiteAccess('owner')
  @Post('submissions/delete')
  @HttpCode(200)
  async remove(@CurrentSite() site: SiteEntity, @Body() { submissions }: SomeSubmissionsDto) {
    return { changed: await this.removal.remove(site.id, submissions) };
  }

  @AnswersNothing('Answers whoever sent a submission, by mail.')
  @Post('submissions/:submission/answer')
  @HttpCode(204)
  async answer(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('submission') id: string,
    @Body() body: AnswerDto,
  ) {
    await this.inbox.answer(site, id, body, user);
  }

  @Answers('The views that a site has saved.', Type.Array(submissionView))
  @Get('submission-views')
  async all(@CurrentSite() site: SiteEntity) {
    return (await this.views.of(site)).map(toldOfView);
  }

  @Answers('Saves a view.', submissionView)
  @Post('submission-views')
  async create(@CurrentSite() site: SiteEntity, @Body() body: ViewDto) {
    return toldOfView(await this.views.save(site, body));
  }

  @Answers('Changes a view.', submissionView)
  @Put('submission-views/:view')
  async save(@CurrentSite() site: SiteEntity, @Param('view') id: string, @Body() body: ViewDto) {
    return toldOfView(await this.views.save(site, body, id));
  }

  @AnswersNothing('Removes a view; what it showed stays.')
  @Delete('submission-views/:view')
  @HttpCode(204)
  async drop(@CurrentSite() site: SiteEntity, @Param('view') id: string) {
    await this.views.remove(site, id);
  }
}
