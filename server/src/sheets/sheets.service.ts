import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { newToken } from '../accounts/tokens.js';
import { CLOCK, type ServerClock } from '../config.js';
import { GroupWriter } from '../database/group-writer.js';
import { statement } from '../database/statements.js';
import type { SubmissionEntity } from '../people/people.entity.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { cellsOf, grownColumns } from './columns.js';
import { SheetEntity, SheetRowEntity, type SheetColumn } from './sheets.entity.js';

/** Rows read at a time for an export. */
const exported = 500;

/** Spreadsheets that Sirene keeps, a row for each submission. */
@Injectable()
export class SheetsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly groups: GroupWriter,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Adds a row for a delivery to a sheet, which is made where it is not there yet; tried again, it adds no other. */
  add(
    site: SiteEntity,
    name: string,
    deliveryId: string,
    { fields, receivedAt }: SubmissionEntity,
  ): Promise<void> {
    return this.groups.add((database) => {
      statement(
        database,
        "INSERT INTO sheet (id, siteId, name, columns, token, createdAt) VALUES (?, ?, ?, '[]', ?, ?) ON CONFLICT DO NOTHING",
      ).run(newId('sheet'), site.id, name, newToken(), this.clock.now());
      const { id, columns } = statement(
        database,
        'SELECT id, columns FROM sheet WHERE siteId = ? AND name = ?',
      ).get(site.id, name) as { id: string; columns: string };
      const { changes } = statement(
        database,
        'INSERT INTO sheet_row (sheetId, deliveryId, at, cells) VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING',
      ).run(id, deliveryId, receivedAt, JSON.stringify(cellsOf(fields)));
      if (changes === 0) return;
      const grown = JSON.stringify(grownColumns(JSON.parse(columns) as SheetColumn[], fields));
      if (grown !== columns) statement(database, 'UPDATE sheet SET columns = ? WHERE id = ?').run(grown, id);
    });
  }

  /** The sheets of a site, by name, and how many rows each has. */
  async all(site: SiteEntity): Promise<{ sheet: SheetEntity; rows: number }[]> {
    const [sheets, counts] = await Promise.all([
      this.dataSource.getRepository(SheetEntity).find({ where: { siteId: site.id }, order: { name: 'ASC' } }),
      this.dataSource.query<{ sheetId: string; rows: number }[]>(
        `SELECT sheetId, count(*) AS rows FROM sheet_row
         WHERE sheetId IN (SELECT id FROM sheet WHERE siteId = ?) GROUP BY sheetId`,
        [site.id],
      ),
    ]);
    return sheets.map((sheet) => ({
      sheet,
      rows: counts.find(({ sheetId }) => sheetId === sheet.id)?.rows ?? 0,
    }));
  }

  /** A sheet of the site. Refuses one that is not there. */
  async sheet(site: SiteEntity, id: string): Promise<SheetEntity> {
    const sheet = await this.dataSource.getRepository(SheetEntity).findOneBy({ id, siteId: site.id });
    if (!sheet) throw new NotFoundException('There is no such spreadsheet.');
    return sheet;
  }

  /** The sheet that a secret address opens. Refuses an address that opens none. */
  async byToken(site: SiteEntity, token: string): Promise<SheetEntity> {
    const sheet = await this.dataSource.getRepository(SheetEntity).findOneBy({ token, siteId: site.id });
    if (!sheet)
      throw new NotFoundException('There is no such spreadsheet. Its address may have been replaced.');
    return sheet;
  }

  /** The newest rows of a sheet, the newest first. */
  newest(sheet: SheetEntity, limit: number): Promise<SheetRowEntity[]> {
    return this.dataSource
      .getRepository(SheetRowEntity)
      .find({ where: { sheetId: sheet.id }, order: { number: 'DESC' }, take: limit });
  }

  /** Every row of a sheet as it grew, some at a time. */
  async *pages(sheet: SheetEntity): AsyncGenerator<SheetRowEntity[]> {
    let after = 0;
    for (;;) {
      const page: SheetRowEntity[] = await this.dataSource
        .getRepository(SheetRowEntity)
        .createQueryBuilder('line')
        .where('line.sheetId = :sheet AND line.number > :after', { sheet: sheet.id, after })
        .orderBy('line.number')
        .limit(exported)
        .getMany();
      if (page.length > 0) yield page;
      if (page.length < exported) return;
      after = page.at(-1)?.number ?? after;
      await new Promise((turn) => setImmediate(turn));
    }
  }

  /** Gives a sheet another secret address: the one before opens nothing any more. */
  async renewAddress(site: SiteEntity, id: string): Promise<SheetEntity> {
    const sheet = await this.sheet(site, id);
    const token = newToken();
    await this.groups.add((database) => {
      statement(database, 'UPDATE sheet SET token = ? WHERE id = ?').run(token, sheet.id);
    });
    return { ...sheet, token };
  }
}
