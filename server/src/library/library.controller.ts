import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { KeepDto, KeepStarterDto } from './dto/library.dto.js';
import { LibraryService } from './library.service.js';

@ApiTags('library')
@SiteAccess('member')
@Controller('api/sites/:site')
export class LibraryController {
  constructor(
    private readonly library: LibraryService,
    private readonly widgets: WidgetsService,
  ) {}

  @Get('shelf')
  async list(@CurrentSite() site: SiteEntity) {
    return this.library.of(site);
  }

  @Post('shelf')
  async keep(@CurrentSite() site: SiteEntity, @Body() piece: KeepDto) {
    return this.library.keep(site, piece);
  }

  @Delete('shelf/:item')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('item') id: string) {
    await this.library.remove(site, id);
  }

  /** The site's own starters. */
  @Get('starters')
  async starters(@CurrentSite() site: SiteEntity) {
    return this.library.starters(site);
  }

  @Post('starters')
  async keepStarter(
    @CurrentUser() user: UserEntity,
    @CurrentSite() site: SiteEntity,
    @Body() kept: KeepStarterDto,
  ) {
    return this.library.keepStarter(site, await this.widgets.mine(user, kept.widget), kept);
  }

  @Delete('starters/:starter')
  @HttpCode(204)
  async removeStarter(@CurrentSite() site: SiteEntity, @Param('starter') id: string) {
    await this.library.removeStarter(site, id);
  }
}
