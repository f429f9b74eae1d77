import { Readable } from 'node:stream';
import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply } from 'fastify';
import { Answers, AnswersFile } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilterEntriesDto, ListEntriesDto } from './dto/lists.dto.js';
import { entriesCsv } from './entries-csv.js';
import { listEntries, mailingList, toldOfEntry, toldOfList } from './lists.answers.js';
import { ListsService } from './lists.service.js';

/** The mailing lists of a site, for those who work there. */
@ApiTags('lists')
@SiteAccess('member')
@Controller('api/sites/:site/lists')
export class ListsController {
  constructor(private readonly lists: ListsService) {}

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

  @AnswersFile('Every entry that matches, with its proof, as a table.', 'text/csv')
  @Get(':list/entries.csv')
  async csv(
    @CurrentSite() site: SiteEntity,
    @Param('list') id: string,
    @Query() filter: FilterEntriesDto,
    @Res() reply: FastifyReply,
  ) {
    const list = await this.lists.list(site, id);
    return reply
      .type('text/csv; charset=utf-8')
      .header('content-disposition', 'attachment; filename="list.csv"')
      .send(Readable.from(entriesCsv(this.lists.pages(list, filter))));
  }
}
