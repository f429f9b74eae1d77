import { Readable } from 'node:stream';
import {
  BadRequestException,
  Controller,
  Get,
  HttpCode,
  Inject,
  Param,
  Post,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { ApiConsumes, ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Upload } from '../assets/upload.js';
import { CONFIG, type Config } from '../config.js';
import { Answers, AnswersFile } from '../shared/answers.js';
import { download } from '../shared/download.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilterEntriesDto, ImportListDto, ListEntriesDto } from './dto/lists.dto.js';
import { entriesCsv } from './entries-csv.js';
import { ListImportService } from './list-import.service.js';
import { imported, listEntries, mailingList, toldOfEntry, toldOfList } from './lists.answers.js';
import { ListsService } from './lists.service.js';

/** Largest file of people, bytes: a million rows. */
const largest = 120_000_000;

/** The mailing lists of a site, for those who work there. */
@ApiTags('lists')
@SiteAccess('member')
@Controller('api/sites/:site/lists')
export class ListsController {
  constructor(
    private readonly lists: ListsService,
    private readonly importing: ListImportService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers('Every mailing list of a site, and how many stand how to it.', Type.Array(mailingList))
  @Get()
  async all(@CurrentSite() site: SiteEntity) {
    return (await this.lists.all(site)).map(toldOfList);
  }

  @Answers('Who stands how to a list, those that changed last first, a page at a time.', listEntries)
  @Get(':list/entries')
  async entries(@CurrentSite() site: SiteEntity, @Param('list') id: string, @Query() filter: ListEntriesDto) {
    const { views, next } = await this.lists.entries(await this.lists.list(site, id), filter);
    return { next, entries: views.map(toldOfEntry) };
  }

  @Answers(
    'Brings people onto a list from a CSV file or vCards, which is the body itself; or says what that would do.',
    imported,
  )
  @Post(':list/import')
  @HttpCode(200)
  @ApiConsumes('application/octet-stream')
  async import(
    @CurrentSite() site: SiteEntity,
    @Param('list') id: string,
    @Query() { words, dry }: ImportListDto,
    @Req() { body }: FastifyRequest,
  ) {
    const list = await this.lists.list(site, id);
    if (!(body instanceof Readable))
      throw new BadRequestException('The body must be the file itself, sent as application/octet-stream.');
    const upload = await Upload.receive(body, this.config.data, largest);
    try {
      return await this.importing.bring(list, upload.path, words, dry === 'true');
    } finally {
      await upload.drop();
    }
  }

  @AnswersFile('Every entry that matches, with its proof, as a table.', 'text/csv')
  @Get(':list/entries.csv')
  async csv(
    @CurrentSite() site: SiteEntity,
    @Param('list') id: string,
    @Query() filter: FilterEntriesDto,
    @Res() reply: FastifyReply,
  ) {
    const list = await this.lists.list(site, id);
    return download(reply, 'list.csv', 'text/csv', entriesCsv(this.lists.pages(list, filter)));
  }
}
