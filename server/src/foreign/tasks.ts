import { previewBrand } from '../brand/preview-brand.js';
import { readFont } from '../assets/read-font.js';
import { readSvg } from '../assets/read-svg.js';
import { isSteadyPattern } from '../widgets/read-pattern.js';
import { compile } from '../widgets/compile.js';
import { readParts, readStill } from '../pages/read-page.js';
import { propose } from '../brand/propose.js';
import { readForms } from '../widgets/read-forms.js';
import { readTokenFile } from '../brand/read-token-file.js';

/**
 * What reads and writes out what people bring: files, pages, style sheets, documents with markup of their own. It runs
 * in workers, since a small input can be made to cost much.
 */
export const tasks = {
  font: readFont,
  svg: readSvg,
  pageParts: readParts,
  stillPage: readStill,
  proposal: propose,
  tokens: readTokenFile,
  compile,
  previewBrand,
  pattern: isSteadyPattern,
  forms: readForms,
};

export type Tasks = typeof tasks;
export type TaskName = keyof Tasks;
export type TaskInput<N extends TaskName> = Parameters<Tasks[N]>[0];
export type TaskOutput<N extends TaskName> = ReturnType<Tasks[N]>;

/** How a worker answers: errors lose their class on the way between threads. */
export type Outcome<T> = { value: T } | { refused: string };
