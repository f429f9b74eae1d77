import { Readable } from 'node:stream';
import { Controller, Get, HttpCode, Inject, NotFoundException, Param, Post, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Type } from '@sinclair/typebox';
import type { FastifyReply } from 'fastify';
import { Public } from '../accounts/permission.js';
import { CONFIG, type Config } from '../config.js';
import { Answers, AnswersFile } from '../shared/answers.js';
import { CurrentSite, SiteAccess } from '../sites/site-access.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { sheetCsv, sheetXlsx } from './sheet-files.js';
import { listedSheet, toldOfRows, toldOfSheet, wholeSheet } from './sheets.answers.js';
import type { SheetEntity } from './sheets.entity.js';
import { SheetsService } from './sheets.service.js';

const xlsxType = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** Rows that the studio shows. */
const shown = 200;

/** The spreadsheets of a site: for those who work there, and by a secret address for the programs that they use. */
@ApiTags('sheets')
@Controller()
export class SheetsController {
  constructor(
    private readonly sheets: SheetsService,
    private readonly sites: SitesService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Answers('Every spreadsheet of a site.', Type.Array(listedSheet))
  @SiteAccess('member')
  @Get('api/sites/:site/sheets')
  async all(@CurrentSite() site: SiteEntity) {
    return (await this.sheets.all(site)).map(({ sheet, rows }) =>
      toldOfSheet(sheet, rows, { origin: this.config.origin, key: site.key }),
    );
  }

  @Answers('The columns of a spreadsheet and its newest rows.', wholeSheet)
  @SiteAccess('member')
  @Get('api/sites/:site/sheets/:sheet/rows')
  async rows(@CurrentSite() site: SiteEntity, @Param('sheet') id: string) {
    const sheet = await this.sheets.sheet(site, id);
    return toldOfRows(sheet, await this.sheets.newest(sheet, shown));
  }

  @Answers(
    'Gives a spreadsheet another secret address; the one before opens nothing any more.',
    Type.Object({ address: Type.String() }),
  )
  @SiteAccess('member')
  @Post('api/sites/:site/sheets/:sheet/address')
  @HttpCode(200)
  async renewAddress(@CurrentSite() site: SiteEntity, @Param('sheet') id: string) {
    const sheet = await this.sheets.renewAddress(site, id);
    return { address: toldOfSheet(sheet, 0, { origin: this.config.origin, key: site.key }).address };
  }

  @AnswersFile('A spreadsheet, whole, as XLSX.', xlsxType)
  @SiteAccess('member')
  @Get('api/sites/:site/sheets/:sheet/rows.xlsx')
  async xlsx(@CurrentSite() site: SiteEntity, @Param('sheet') id: string, @Res() reply: FastifyReply) {
    return this.#xlsx(await this.sheets.sheet(site, id), reply);
  }

  @AnswersFile('A spreadsheet, whole, as CSV.', 'text/csv')
  @SiteAccess('member')
  @Get('api/sites/:site/sheets/:sheet/rows.csv')
  async csv(@CurrentSite() site: SiteEntity, @Param('sheet') id: string, @Res() reply: FastifyReply) {
    return this.#csv(await this.sheets.sheet(site, id), reply);
  }

  @AnswersFile('A spreadsheet by its secret address, ending in .csv or .xlsx.', 'text/csv')
  @Public()
  @Get('p/:key/sheets/:file')
  async byAddress(@Param('key') key: string, @Param('file') file: string, @Res() reply: FastifyReply) {
    const [, token = '', kind] = /^([\w-]{20,80})\.(csv|xlsx)$/.exec(file) ?? [];
    if (!kind) throw new NotFoundException('The address of a spreadsheet ends in .csv or .xlsx.');
    const sheet = await this.sheets.byToken(await this.sites.byKey(key), token);
    void reply.header('x-robots-tag', 'noindex');
    return kind === 'csv' ? this.#csv(sheet, reply) : this.#xlsx(sheet, reply);
  }

  #csv(sheet: SheetEntity, reply: FastifyReply) {
    return reply
      .type('text/csv; charset=utf-8')
      .headers(headersOf(sheet, 'csv'))
      .send(Readable.from(sheetCsv(sheet.columns, this.sheets.pages(sheet))));
  }

  #xlsx(sheet: SheetEntity, reply: FastifyReply) {
    return reply
      .type(xlsxType)
      .headers(headersOf(sheet, 'xlsx'))
      .send(sheetXlsx(sheet.name, sheet.columns, this.sheets.pages(sheet)));
  }
}

const headersOf = ({ name }: SheetEntity, ending: string) => ({
  'cache-control': 'no-store',
  // Names of any language, and a plain one for programs that read no other (RFC 6266).
  'content-disposition': `attachment; filename="sheet.${ending}"; filename*=UTF-8''${encodeURIComponent(name)}.${ending}`,
});
