import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { ChangeLeadDto, NewLeadDto, StagesDto } from './dto/leads.dto.js';
import { board, lead, stageList, toldOfBoard, toldOfLead, toldOfStage } from './leads.answers.js';
import { LeadsService } from './leads.service.js';

/** The leads of a site and their stages. */
@ApiTags('leads')
@SiteAccess('member')
@Controller('api/sites/:site')
export class LeadsController {
  constructor(private readonly leads: LeadsService) {}

  @Answers('The board: stages, and the leads in them.', board)
  @Get('leads')
  async board(@CurrentSite() site: SiteEntity) {
    return toldOfBoard(await this.leads.board(site));
  }

  @Answers('Makes a lead of a person.', lead)
  @Post('leads')
  async create(@CurrentSite() site: SiteEntity, @CurrentUser() user: UserEntity, @Body() body: NewLeadDto) {
    return toldOfLead(await this.leads.create(site, body, user.id));
  }

  @Answers('Changes a lead: its stage, what it is about, its value, its owner, when it is due.', lead)
  @Patch('leads/:lead')
  async change(
    @CurrentSite() site: SiteEntity,
    @CurrentUser() user: UserEntity,
    @Param('lead') id: string,
    @Body() body: ChangeLeadDto,
  ) {
    return toldOfLead(await this.leads.change(site, id, body, user.id));
  }

  @AnswersNothing('Removes a lead; the person stays.')
  @Delete('leads/:lead')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('lead') id: string) {
    await this.leads.remove(site, id);
  }

  @Answers('Gives the site these stages, in this order.', stageList)
  @Put('lead-stages')
  async setStages(@CurrentSite() site: SiteEntity, @Body() { stages }: StagesDto) {
    return (await this.leads.setStages(site, stages)).map(toldOfStage);
  }
}
