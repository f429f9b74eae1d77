import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { KeepDto, KeepStarterDto } from './dto/library.dto.js';
import { LibraryService } from './library.service.js';

@ApiTags('library')
@Controller('api/sites/:site')
export class LibraryController {
  constructor(
    private readonly library: LibraryService,
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
  ) {}

  @Get('shelf')
  async list(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return this.library.of(await this.sites.mine(user, siteId));
  }

  @Post('shelf')
  async keep(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Body() piece: KeepDto) {
    return this.library.keep(await this.sites.mine(user, siteId), piece);
  }

  @Delete('shelf/:item')
  @HttpCode(204)
  async remove(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Param('item') id: string) {
    await this.library.remove(await this.sites.mine(user, siteId), id);
  }

  /** The site's own starters. */
  @Get('starters')
  async starters(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return this.library.starters(await this.sites.mine(user, siteId));
  }

  @Post('starters')
  async keepStarter(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Body() kept: KeepStarterDto,
  ) {
    const site = await this.sites.mine(user, siteId);
    return this.library.keepStarter(site, (await this.widgets.mine(user, kept.widget)).widget, kept);
  }

  @Delete('starters/:starter')
  @HttpCode(204)
  async removeStarter(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Param('starter') id: string,
  ) {
    await this.library.removeStarter(await this.sites.mine(user, siteId), id);
  }
}
