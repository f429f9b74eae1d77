import type { SubmittedField } from '../people/people.entity.js';
import type { Cell, SheetColumn } from './sheets.entity.js';

/**
 * The columns of a sheet once a submission has come: each stays where it is, under the label that its field has now; fields that
 * are new get theirs at the end.
 */
export function grownColumns(
  columns: readonly SheetColumn[],
  fields: readonly SubmittedField[],
): SheetColumn[] {
  const labels = new Map(fields.map(({ key, label }) => [key, label]));
  const known = new Set(columns.map(({ key }) => key));
  return [
    ...columns.map(({ key, label }) => ({ key, label: labels.get(key) ?? label })),
    ...fields.filter(({ key }) => !known.has(key)).map(({ key, label }) => ({ key, label })),
  ];
}

/** What a submission puts into the cells of a sheet, by the names of its fields. */
export const cellsOf = (fields: readonly SubmittedField[]): Record<string, Cell> =>
  Object.fromEntries(
    fields.map(({ key, value, answer }) => [key, typeof answer === 'number' ? answer : value]),
  );
