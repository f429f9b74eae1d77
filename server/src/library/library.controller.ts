import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { KeepDto } from './dto/shelf.dto.js';
import { LibraryService } from './library.service.js';

@ApiTags('library')
@Controller('api/sites/:site/shelf')
export class LibraryController {
  constructor(
    private readonly library: LibraryService,
    private readonly sites: SitesService,
  ) {}

  @Get()
  async list(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return this.library.of(await this.sites.mine(user, siteId));
  }

  @Post()
  async keep(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Body() piece: KeepDto) {
    return this.library.keep(await this.sites.mine(user, siteId), piece);
  }

  @Delete(':item')
  @HttpCode(204)
  async remove(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Param('item') id: string) {
    await this.library.remove(await this.sites.mine(user, siteId), id);
  }
}
