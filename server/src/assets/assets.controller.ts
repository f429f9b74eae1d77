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
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { FastifyRequest } from 'fastify';
import { sourceOf, type AssetEntity } from './assets.entity.js';
import { AssetsService } from './assets.service.js';
import { UploadDto } from './dto/upload.dto.js';

@ApiTags('assets')
@SiteAccess('member')
@Controller('api/sites/:site/assets')
export class AssetsController {
  constructor(private readonly assets: AssetsService) {}

  @Get()
  async list(@CurrentSite() site: SiteEntity) {
    return (await this.assets.of(site)).map(view);
  }

  /** The file itself is the body, as application/octet-stream. */
  @Post()
  @ApiConsumes('application/octet-stream')
  async upload(
    @CurrentSite() site: SiteEntity,
    @Query() { name }: UploadDto,
    @Req() { body }: FastifyRequest,
  ) {
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    return view(await this.assets.take(site, name, body));
  }

  @Delete(':asset')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('asset') id: string) {
    await this.assets.remove(site, id);
  }
}

const view = (asset: AssetEntity) => {
  const { id, kind, name, bytes, width, height, family, weight } = asset;
  return { id, kind, name, src: sourceOf(asset), bytes, width, height, family, weight };
};
