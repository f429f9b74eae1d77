import { Controller, Get, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { AnswersFile } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilesService } from './files.service.js';
import { sendFile } from './send-file.js';

/** Files of visitors, for who works on the site. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site/files')
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @AnswersFile('A file that came with a submission or in a conversation.', 'application/octet-stream')
  @Get(':file')
  async read(@CurrentSite() site: SiteEntity, @Param('file') id: string, @Res() reply: FastifyReply) {
    return sendFile(reply, await this.files.read(site, id));
  }
}
