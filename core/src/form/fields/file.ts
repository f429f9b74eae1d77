import type { FieldCheck, FieldKind } from '../field.js';

/** A file that was sent ahead of its form: by what the server knows it, and what it is called. */
export interface SentFile {
  /** 32 hexadecimal digits; empty while it is on its way, or could not be sent. */
  id: string;
  name: string;
}

const line = /^([0-9a-f]{32})? ([^\n]{1,120})$/u;

/** The files that a value names, a line each; `null` where it names something else. */
export function filesIn(value: string): SentFile[] | null {
  const files: SentFile[] = [];
  for (const text of value === '' ? [] : value.split('\n')) {
    const [, id = '', name] = line.exec(text) ?? [];
    if (name === undefined) return null;
    files.push({ id, name });
  }
  return files;
}

/** Files as a form's value: a line each. */
export const fileLines = (files: readonly SentFile[]): string =>
  files
    .map(
      ({ id, name }) =>
        `${id} ${
          name
            .replace(/[\p{Cc}\u2028\u2029]/gu, ' ')
            .slice(0, 120)
            .trim() || 'file'
        }`,
    )
    .join('\n');

/** Files that were sent ahead; the form says which. */
export const file: FieldKind = {
  tidy: (value) => value,
  answer: (value) => (filesIn(value) ?? []).map(({ name }) => name),
};

export const fileCheck: FieldCheck = {
  accepts: (value) => filesIn(value)?.every(({ id }) => id !== '') ?? false,
  measure: (value) => (value === '' ? 0 : value.split('\n').length),
};
