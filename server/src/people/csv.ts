import { stringify } from 'csv-stringify/sync';
import type { SubmissionEntity } from './people.entity.js';

/**
 * Writes submissions as CSV (RFC 4180), one row each, one column for every key that occurs. Starts with a byte order
 * mark, without which spreadsheets read UTF-8 as something else.
 */
export function submissionsCsv(submissions: readonly SubmissionEntity[]): string {
  const labels = new Map<string, string>();
  for (const { fields } of submissions) {
    for (const { key, label } of fields) if (!labels.has(key)) labels.set(key, label);
  }
  const rows = submissions.map((submission) => {
    const values = new Map(submission.fields.map(({ key, value }) => [key, value]));
    return [
      new Date(submission.receivedAt).toISOString(),
      submission.widgetName,
      submission.page,
      ...[...labels.keys()].map((key) => values.get(key) ?? ''),
      submission.id,
    ].map(harmless);
  });
  const header = ['Received', 'Widget', 'Page', ...labels.values(), 'Submission'].map(harmless);
  return stringify([header, ...rows], { bom: true, record_delimiter: 'windows' });
}

// Spreadsheets run cells that start like a formula (OWASP, CSV injection); a quote in front makes them text.
const harmless = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
