import { stringify } from 'csv-stringify/sync';
import type { SubmissionEntity } from './people.entity.js';

/**
 * Writes submissions as CSV (RFC 4180), one row each, one column for every key that occurs, newest first. Starts with a
 * byte order mark, without which spreadsheets read UTF-8 as something else.
 *
 * @param pages reads the submissions from the first, some at a time; asked twice, since the columns are known only once
 *   all have been seen
 */
export async function* submissionsCsv(
  pages: () => AsyncIterable<readonly SubmissionEntity[]>,
): AsyncGenerator<string> {
  const labels = new Map<string, string>();
  for await (const page of pages())
    for (const { fields } of page)
      for (const { key, label } of fields) if (!labels.has(key)) labels.set(key, label);
  yield `\ufeff${lines([['Received', 'Widget', 'Page', ...labels.values(), 'Submission']])}`;
  for await (const page of pages())
    yield lines(page.map((submission) => row(submission, [...labels.keys()])));
}

function row(submission: SubmissionEntity, keys: readonly string[]): string[] {
  const values = new Map(submission.fields.map(({ key, value }) => [key, value]));
  return [
    new Date(submission.receivedAt).toISOString(),
    submission.widgetName,
    submission.page,
    ...keys.map((key) => values.get(key) ?? ''),
    submission.id,
  ];
}

const lines = (rows: string[][]): string =>
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
