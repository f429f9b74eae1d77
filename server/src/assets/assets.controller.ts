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
import { AssetsService } from './assets.service.js';
import { UploadDto } from './dto/upload.dto.js';
import { Type } from '@sinclair/typebox';
import { Answers, AnswersNothing } from '../shared/answers.js';
import { asset, toldOfAsset } from './assets.answers.js';

@ApiTags('assets')
@SiteAccess('member')
@Controller('api/sites/:site/assets')
export class AssetsController {
  constructor(private readonly assets: AssetsService) {}

  @Answers('The images, videos and fonts of a site.', Type.Array(asset))
  @Get()
  async list(@CurrentSite() site: SiteEntity) {
    return (await this.assets.of(site)).map(toldOfAsset);
  }

  @Answers('Uploads a file; the file itself is the body, as application/octet-stream.', asset)
  @Post()
  @ApiConsumes('application/octet-stream')
  async upload(
    @CurrentSite() site: SiteEntity,
    @Query() { name }: UploadDto,
    @Req() { body }: FastifyRequest,
  ) {
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    return toldOfAsset(await this.assets.take(site, name, body));
  }

  @AnswersNothing('Removes an upload that nothing uses.')
  @Delete(':asset')
  @HttpCode(204)
  async remove(@CurrentSite() site: SiteEntity, @Param('asset') id: string) {
    await this.assets.remove(site, id);
  }
}
