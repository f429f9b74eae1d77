import { Body, Controller, Get, HttpCode, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { MemberChatDto, ModerateDto } from './dto/moderation.dto.js';
import { memberChat, memberReports } from './member-chat.answers.js';
import { ModerationService } from './moderation.service.js';

/** Whether members write to each other, and what was reported of it. */
@ApiTags('member chat')
@SiteAccess('member')
@Controller('api/sites/:site/member-chat')
export class ModerationController {
  constructor(private readonly moderation: ModerationService) {}

  @Answers('Whether members may write to each other.', memberChat)
  @Get()
  read(@CurrentSite() site: SiteEntity) {
    return this.moderation.standing(site);
  }

  @Answers('Lets members write to each other, or no more.', memberChat)
  @Put()
  @SiteAccess('owner')
  async turn(@CurrentSite() site: SiteEntity, @Body() { isOn }: MemberChatDto) {
    await this.moderation.turn(site, isOn);
    return this.moderation.standing(site);
  }

  @Answers('What was reported, what is open first, each with the end of its thread.', memberReports)
  @Get('reports')
  reports(@CurrentSite() site: SiteEntity) {
    return { reports: this.moderation.reports(site) };
  }

  @AnswersNothing('Does something about a report.')
  @Post('reports')
  @HttpCode(204)
  async moderate(@CurrentSite() site: SiteEntity, @Body() asked: ModerateDto) {
    await this.moderation.moderate(site, asked);
  }
}
