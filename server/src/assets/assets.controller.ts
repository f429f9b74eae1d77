import { Readable } from 'node:stream';
import {
  BadRequestException,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  Post,
  Query,
  Req,
} from '@nestjs/common';
import { ApiConsumes, ApiTags } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { CurrentUser } from '../accounts/session.guard.js';
import { SitesService } from '../sites/sites.service.js';
import { sourceOf, type AssetEntity } from './assets.entity.js';
import { AssetsService } from './assets.service.js';
import { UploadDto } from './dto/upload.dto.js';

@ApiTags('assets')
@Controller('api/sites/:site/assets')
export class AssetsController {
  constructor(
    private readonly assets: AssetsService,
    private readonly sites: SitesService,
  ) {}

  @Get()
  async list(@CurrentUser() user: UserEntity, @Param('site') siteId: string) {
    return (await this.assets.of(await this.sites.mine(user, siteId))).map(view);
  }

  /** The file itself is the body, as application/octet-stream. */
  @Post()
  @ApiConsumes('application/octet-stream')
  async upload(
    @CurrentUser() user: UserEntity,
    @Param('site') siteId: string,
    @Query() { name }: UploadDto,
    @Req() { body }: FastifyRequest,
  ) {
    const site = await this.sites.mine(user, siteId);
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    return view(await this.assets.take(site, name, body));
  }

  @Delete(':asset')
  @HttpCode(204)
  async remove(@CurrentUser() user: UserEntity, @Param('site') siteId: string, @Param('asset') id: string) {
    await this.assets.remove(await this.sites.mine(user, siteId), id);
  }
}

const view = (asset: AssetEntity) => {
  const { id, kind, name, bytes, width, height, family, weight } = asset;
  return { id, kind, name, src: sourceOf(asset), bytes, width, height, family, weight };
};
