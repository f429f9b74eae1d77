import { PassThrough, type Readable } from 'node:stream';
import { valueAt } from '@sirene/core/base/maps';
import { Logger } from '@nestjs/common';
import { byteOrderMark, csvLines } from '../shared/csv.js';
import type { Cell, SheetColumn, SheetRowEntity } from './sheets.entity.js';

type Pages = AsyncIterable<readonly SheetRowEntity[]>;

/** Longest text of a cell of a spreadsheet (ECMA-376; the programs themselves take no more). */
const longestCell = 32_767;

/** A sheet as CSV: a column for each field after that of when it came. */
export async function* sheetCsv(columns: readonly SheetColumn[], pages: Pages): AsyncGenerator<string> {
  yield byteOrderMark + csvLines([['Received', ...columns.map(({ label }) => label)]]);
  for await (const page of pages)
    yield csvLines(
      page.map(({ at, cells }) => [
        new Date(at).toISOString(),
        ...columns.map(({ key }) => String(valueAt(cells, key) ?? '')),
      ]),
    );
}

/**
 * A sheet as XLSX (ECMA-376), written row by row: numbers are numbers, times are times, and a text is a text whatever it begins
 * with, so that nothing of it is ever calculated.
 */
export function sheetXlsx(name: string, columns: readonly SheetColumn[], pages: Pages): Readable {
  const stream = new PassThrough();
  writeXlsx(stream, name, columns, pages).catch((error: unknown) => {
    new Logger('Sheets').error(error);
    stream.destroy(error as Error);
  });
  return stream;
}

async function writeXlsx(
  stream: PassThrough,
  name: string,
  columns: readonly SheetColumn[],
  pages: Pages,
): Promise<void> {
  // Half a second of loading, for those who ask for it.
  const { default: exceljs } = await import('exceljs');
  // Texts stand in the cells themselves: a table of all of them would have to be kept until the end.
  const book = new exceljs.stream.xlsx.WorkbookWriter({ stream, useSharedStrings: false, useStyles: true });
  const sheet = book.addWorksheet(titleOf(name), { views: [{ state: 'frozen', ySplit: 1 }] });
  sheet.columns = [
    { header: 'Received', key: ' at', width: 18, style: { numFmt: 'yyyy-mm-dd hh:mm' } },
    ...columns.map(({ key, label }) => ({ header: label, key, width: 24 })),
  ];
  sheet.getRow(1).font = { bold: true };
  for await (const page of pages) {
    for (const { at, cells } of page)
      sheet.addRow([new Date(at), ...columns.map(({ key }) => cellOf(valueAt(cells, key)))]).commit();
    if (stream.writableNeedDrain) await new Promise((go) => stream.once('drain', go).once('close', go));
    // Whoever asked for it has gone.
    if (stream.destroyed) return;
  }
  await book.commit();
}

const cellOf = (cell: Cell | undefined): Cell | null =>
  typeof cell === 'string' ? legalText(cell) : (cell ?? null);

/** A text without what XML can't carry (XML 1.0, 2.2). */
const legalText = (text: string): string =>
  text.replace(/[^\t\n\r\u{20}-\u{D7FF}\u{E000}-\u{FFFD}\u{10000}-\u{10FFFF}]/gu, '').slice(0, longestCell);

/** What a sheet can be called in a workbook: 31 characters, none of those that a reference is written with. */
const titleOf = (name: string): string =>
  name
    .replace(/[*?:\\/[\]]/g, ' ')
    .replace(/^'+|'+$/g, '')
    .trim()
    .slice(0, 31)
    .trim() || 'Sheet';
