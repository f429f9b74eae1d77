import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SavedReplyDto } from './dto/replies.dto.js';
import { savedReply, toldOfReply } from './replies.answers.js';
import { RepliesService } from './replies.service.js';

/** What is often answered at the desk. */
@ApiTags('chat')
@SiteAccess('member')
@Controller('api/sites/:site/saved-replies')
export class RepliesController {
  constructor(private readonly replies: RepliesService) {}

  @Answers('The saved replies of a site, by name.', Type.Array(savedReply))
  @Get()
  async all(@CurrentSite() site: SiteEntity) {
    return (await this.replies.of(site)).map(toldOfReply);
  }

  @Answers('Saves a reply; one of the same name gets the new text.', savedReply)
  @Post()
  @HttpCode(200)
  async save(@CurrentSite() site: SiteEntity, @Body() reply: SavedReplyDto) {
    return toldOfReply(await this.replies.save(site, reply));
  }

  @AnswersNothing('Removes a saved reply.')
  @Delete(':reply')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('reply') id: string) {
    await this.replies.remove(site, id);
  }
}
