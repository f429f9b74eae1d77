import { stringify } from 'csv-stringify/sync';

/** What a CSV starts with: without it spreadsheets read UTF-8 as something else. */
export const byteOrderMark = '\ufeff';

/** Rows as CSV (RFC 4180), harmless to whoever opens them. */
export const csvLines = (rows: string[][]): string =>
  stringify(
    rows.map((cells) => cells.map(harmless)),
    { record_delimiter: 'windows' },
  );

// What is not seen: control marks, byte order marks, zero-width and other format marks, any kind of space.
const unseen = '[\\p{Cc}\\p{Cf}\\p{Z}]*';
// A formula begins a cell, or what becomes a cell where a spreadsheet splits at semicolons or tabs; full-width marks count.
const formula = new RegExp(`(^|[;\\t\\r\\n|])(${unseen})(?=[=+\\-@＝＋－＠])`, 'gu');

/**
 * A text that no spreadsheet runs (OWASP, CSV injection): a quote before what starts like a formula makes it text. NUL is
 * left out, since some readers end a text there and begin anew after it.
 */
export const harmless = (text: string): string => text.replaceAll('\0', '').replace(formula, "$1$2'");
