import { existsSync } from 'node:fs';
import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { AnswersFile } from '../shared/answers.js';
import { byteOrderMark, csvLines } from '../shared/csv.js';
import { download } from '../shared/download.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { FilterPersonsDto } from './dto/persons.dto.js';
import { FilesService } from '../files/files.service.js';
import { ZipFile } from 'yazl';
import { PersonsService } from './persons.service.js';
import { vcardOf } from './vcard.js';

/** The people of a site as files that other programs read. */
@ApiTags('people')
@SiteAccess('member')
@Controller('api/sites/:site')
export class PersonsExportController {
  constructor(
    private readonly persons: PersonsService,
    private readonly files: FilesService,
  ) {}

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

  @AnswersFile('All that is kept of a person: as JSON, with the files that they sent.', 'application/zip')
  @Get('persons/:person/export.zip')
  async whole(@CurrentSite() site: SiteEntity, @Param('person') id: string, @Res() reply: FastifyReply) {
    const all = await this.persons.everything(site, id);
    const sent = all.submissions.flatMap(({ fields }) => fields.flatMap(({ files = [] }) => files));
    const zip = new ZipFile();
    zip.addBuffer(Buffer.from(JSON.stringify(all, null, 2)), 'person.json');
    for (const [at, { id: fileId, name }] of sent.entries()) {
      const found = await this.files.read(site, fileId).catch(() => null);
      // What is gone from the disk is named in the JSON all the same. Numbered: two may be called the same.
      if (found && existsSync(found.path)) zip.addFile(found.path, `files/${at + 1}-${name}`);
    }
    zip.end();
    return reply
      .header('content-type', 'application/zip')
      .header('content-disposition', 'attachment; filename="person.zip"')
      .send(zip.outputStream);
  }

  async *#csv(site: SiteEntity, filter: FilterPersonsDto): AsyncGenerator<string> {
    yield (
      byteOrderMark +
      csvLines([['Name', 'E-mail address', 'Phone', 'Tags', 'First heard of', 'Last heard of', 'Person']])
    );
    for await (const page of this.persons.pages(site, filter))
      yield csvLines(
        page.map(({ id, name, email, phone, tags, firstAt, lastAt }) => [
          ...[name, email, phone, tags.join(', ')],
          ...[new Date(firstAt).toISOString(), new Date(lastAt).toISOString(), id],
        ]),
      );
  }

  async *#vcards(site: SiteEntity, filter: FilterPersonsDto): AsyncGenerator<string> {
    for await (const page of this.persons.pages(site, filter)) yield page.map(vcardOf).join('');
  }
}
