import { Type, type Static } from '@sinclair/typebox';
import { h, join, type Html } from '../render/html.js';
import { safeAddress } from '../sanitise/index.js';

/** A run of text with one set of marks. */
export const runSchema = Type.Object(
  {
    text: Type.String({ maxLength: 10_000 }),
    bold: Type.Optional(Type.Boolean()),
    italic: Type.Optional(Type.Boolean()),
    link: Type.Optional(Type.String({ maxLength: 2048 })),
  },
  { additionalProperties: false },
);

export type Run = Static<typeof runSchema>;

/** The text of runs without marks. */
export function plainText(runs: readonly Run[]): string {
  return runs.map((run) => run.text).join('');
}

/** Runs with one text and no marks; none for an empty text. */
export function toRuns(text: string): Run[] {
  return text === '' ? [] : [{ text }];
}

/** Writes runs as HTML. Line breaks become `<br>`; a link whose address is not safe is written as plain text. */
export function renderRuns(runs: readonly Run[]): Html {
  return join(runs.map(renderRun));
}

function renderRun(run: Run): Html {
  const lines = run.text.split('\n');
  let html = join(lines.flatMap((line, at) => (at === 0 ? [line] : [h('br', {}), line])));
  if (run.bold) html = h('strong', {}, html);
  if (run.italic) html = h('em', {}, html);
  const href = run.link === undefined ? null : safeAddress(run.link);
  return href === null ? html : h('a', { href }, html);
}

/** Problems of the links in runs, as `[path, reason]`. */
export function linkProblems(runs: readonly Run[]): [string, string][] {
  return runs.flatMap((run, at): [string, string][] =>
    run.link !== undefined && safeAddress(run.link) === null
      ? [[`content.${at}.link`, 'must be a web, mail or telephone address']]
      : [],
  );
}
