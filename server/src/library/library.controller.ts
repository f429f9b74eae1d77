import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { KeepDto, KeepStarterDto } from './dto/library.dto.js';
import { LibraryService } from './library.service.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { ownStarter, shelfPiece, toldOfPiece, toldOfStarter } from './library.answers.js';

@ApiTags('library')
@SiteAccess('member')
@Controller('api/sites/:site')
export class LibraryController {
  constructor(
    private readonly library: LibraryService,
    private readonly widgets: WidgetsService,
  ) {}

  @Answers('The pieces that are kept for reuse.', Type.Array(shelfPiece))
  @Get('shelf')
  async list(@CurrentSite() site: SiteEntity) {
    return (await this.library.of(site)).map(toldOfPiece);
  }

  @Answers('Keeps an element with all that it holds.', shelfPiece)
  @Post('shelf')
  async keep(@CurrentSite() site: SiteEntity, @Body() piece: KeepDto) {
    return toldOfPiece(await this.library.keep(site, piece));
  }

  @AnswersNothing('Takes a piece off the shelf.')
  @Delete('shelf/:item')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('item') id: string) {
    await this.library.remove(site, id);
  }

  @Answers('The site’s own starters.', Type.Array(ownStarter))
  @Get('starters')
  async starters(@CurrentSite() site: SiteEntity) {
    return (await this.library.starters(site)).map(toldOfStarter);
  }

  @Answers('Keeps the draft of a widget as a starter.', ownStarter)
  @Post('starters')
  async keepStarter(
    @CurrentUser() user: UserEntity,
    @CurrentSite() site: SiteEntity,
    @Body() kept: KeepStarterDto,
  ) {
    return toldOfStarter(
      await this.library.keepStarter(site, await this.widgets.mine(user, kept.widget), kept),
    );
  }

  @AnswersNothing('Removes one of the site’s own starters.')
  @Delete('starters/:starter')
  @HttpCode(204)
  async removeStarter(@CurrentSite() site: SiteEntity, @Param('starter') id: string) {
    await this.library.removeStarter(site, id);
  }
}
