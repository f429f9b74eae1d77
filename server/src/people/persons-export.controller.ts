import { Controller, Get, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { AnswersFile } from '../shared/answers.js';
import { byteOrderMark, csvLines } from '../shared/csv.js';
import { download } from '../shared/download.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilterPersonsDto } from './dto/persons.dto.js';
import { PersonsService } from './persons.service.js';
import { vcardOf } from './vcard.js';

/** The people of a site as files that other programs read. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site')
export class PersonsExportController {
  constructor(private readonly persons: PersonsService) {}

  @AnswersFile('Every person that matches, as a table.', 'text/csv')
  @Get('persons.csv')
  csv(@CurrentSite() site: SiteEntity, @Query() filter: FilterPersonsDto, @Res() reply: FastifyReply) {
    return download(reply, 'persons.csv', 'text/csv', this.#csv(site, filter));
  }

  @AnswersFile('Every person that matches, as vCards 4.0 (RFC 6350).', 'text/vcard')
  @Get('persons.vcf')
  vcards(@CurrentSite() site: SiteEntity, @Query() filter: FilterPersonsDto, @Res() reply: FastifyReply) {
    return download(reply, 'persons.vcf', 'text/vcard', this.#vcards(site, filter));
  }

  async *#csv(site: SiteEntity, filter: FilterPersonsDto): AsyncGenerator<string> {
    yield (
      byteOrderMark +
      csvLines([['Name', 'E-mail address', 'Tags', 'First heard of', 'Last heard of', 'Person']])
    );
    for await (const page of this.persons.pages(site, filter))
      yield csvLines(
        page.map(({ id, name, email, tags, firstAt, lastAt }) => [
          ...[name, email, tags.join(', ')],
          ...[new Date(firstAt).toISOString(), new Date(lastAt).toISOString(), id],
        ]),
      );
  }

  async *#vcards(site: SiteEntity, filter: FilterPersonsDto): AsyncGenerator<string> {
    for await (const page of this.persons.pages(site, filter)) yield page.map(vcardOf).join('');
  }
}
