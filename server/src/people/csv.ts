import { byteOrderMark, csvLines } from '../shared/csv.js';
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
  yield byteOrderMark + csvLines([['Received', 'Widget', 'Page', ...labels.values(), 'Submission']]);
  for await (const page of pages())
    yield csvLines(page.map((submission) => row(submission, [...labels.keys()])));
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
