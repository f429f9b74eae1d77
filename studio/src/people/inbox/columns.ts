import type { Submission } from '../../shared/api/index.ts';
import { count, dateOf } from '../../shared/format.ts';

type SentField = Submission['fields'][number];

export interface Column {
  key: string;
  label: string;
}

/** The fields that submissions have, each with the label it had last, in the order in which they were asked for. */
export function columnsOf(submissions: readonly Submission[]): Column[] {
  const labels = new Map<string, string>();
  for (const { fields } of submissions)
    for (const { key, label } of fields) if (!labels.has(key)) labels.set(key, label);
  return [...labels].map(([key, label]) => ({ key, label }));
}

/** Whether every value of a column is a number, so that it stands at the end of its cell. */
export const isNumeric = (submissions: readonly Submission[], key: string): boolean => {
  const sent = submissions.flatMap(({ fields }) => fields.filter((field) => field.key === key));
  const filled = sent.filter(({ value }) => value !== '');
  return filled.length > 0 && filled.every(({ answer }) => typeof answer === 'number');
};

/** A value as it stands in a cell, by its type: a number with its thousands, a day as a date, several in a row. */
export function cellText({ value, answer, phone, files, consent }: SentField): string {
  if (files) return files.map(({ name }) => name).join(', ');
  if (typeof answer === 'number') return count(answer);
  if (Array.isArray(answer)) return answer.join(', ');
  if (phone !== undefined) return phone;
  if (consent) return 'Agreed';
  return /^\d{4}-\d\d-\d\d$/.test(value) ? dateOf(value) : value;
}
