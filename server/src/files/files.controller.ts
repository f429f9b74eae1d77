import { createReadStream } from 'node:fs';
import { Controller, Get, NotFoundException, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { AnswersFile } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilesService } from './files.service.js';

/** What browsers draw and nothing else; all other files are only ever saved. */
const drawn = new Set(['image/jpeg', 'image/png', 'image/webp', 'image/gif']);

/** Files of visitors, for who works on the site. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site/files')
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @AnswersFile('A file that came with a submission.', 'application/octet-stream')
  @Get(':file')
  async read(@CurrentSite() site: SiteEntity, @Param('file') id: string, @Res() reply: FastifyReply) {
    const { file, path } = await this.files.read(site, id);
    const isDrawn = drawn.has(file.type);
    const stream = createReadStream(path);
    await new Promise<void>((opened, failed) => {
      stream.once('open', () => opened());
      stream.once('error', () => failed(new NotFoundException('The content of this file is gone.')));
    });
    return reply
      .type(isDrawn ? file.type : 'application/octet-stream')
      .headers({
        // A stranger's file on our own origin: it runs nothing, is no page, and is taken for nothing else.
        'content-security-policy': "default-src 'none'; sandbox",
        'x-content-type-options': 'nosniff',
        'cache-control': 'private, max-age=3600',
        'content-length': file.bytes,
        'content-disposition': `${isDrawn ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(file.name)}`,
      })
      .send(stream);
  }
}
