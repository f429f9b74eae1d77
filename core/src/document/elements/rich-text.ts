import { Type, type Static } from '@sinclair/typebox';
import { h, join, type Html } from '../../base/html/index.js';
import { isSafeColour, safeAddress } from '../../base/sanitise/index.js';

const marks = ['bold', 'italic', 'underline', 'highlight'] as const;
type Mark = (typeof marks)[number];

/** A run of text with one set of marks. */
export const runSchema = Type.Object(
  {
    text: Type.String({ maxLength: 10_000 }),
    bold: Type.Optional(Type.Boolean()),
    italic: Type.Optional(Type.Boolean()),
    underline: Type.Optional(Type.Boolean()),
    highlight: Type.Optional(Type.Boolean()),
    /** A colour of its own. */
    colour: Type.Optional(Type.String({ maxLength: 80 })),
    link: Type.Optional(Type.String({ maxLength: 2048 })),
  },
  { additionalProperties: false },
);

export type Run = Static<typeof runSchema>;

/** The text of runs without marks. */
export function plainText(runs: readonly Run[]): string {
  return runs.map((run) => run.text).join('');
}

/** The first words of a text, 60 letters at most, with a sign where there is more. */
export const beginning = (text: string): string =>
  text.length > 60 ? `${text.slice(0, 59).trimEnd()}…` : text;

/** Runs with one text and no marks; none for an empty text. */
export function toRuns(text: string): Run[] {
  return text === '' ? [] : [{ text }];
}

/** Whether two runs have the same marks, so that they may be one. */
export function sameMarks(one: Run, other: Run): boolean {
  const plain = marks.every((mark) => (one[mark] ?? false) === (other[mark] ?? false));
  return plain && one.colour === other.colour && one.link === other.link;
}

/** Writes runs as HTML. Line breaks become `<br>`; a link whose address is not safe is written as plain text. */
export function renderRuns(runs: readonly Run[]): Html {
  return join(runs.map(renderRun));
}

const tags: Record<Mark, string> = { bold: 'strong', italic: 'em', underline: 'u', highlight: 'mark' };

function renderRun(run: Run): Html {
  const lines = run.text.split('\n');
  let html = join(lines.flatMap((line, at) => (at === 0 ? [line] : [h('br', {}), line])));
  for (const mark of marks) if (run[mark]) html = h(tags[mark], {}, html);
  if (run.colour && isSafeColour(run.colour)) html = h('span', { style: `color:${run.colour}` }, html);
  const href = run.link === undefined ? null : safeAddress(run.link);
  return href === null ? html : h('a', { href }, html);
}

/** Problems of the runs, as `[path, reason]`. */
export function runProblems(runs: readonly Run[], at = 'content'): [string, string][] {
  return runs.flatMap(({ link, colour }, index): [string, string][] => [
    ...(link !== undefined && safeAddress(link) === null
      ? [[`${at}.${index}.link`, 'must be a web, mail or telephone address'] as [string, string]]
      : []),
    ...(colour !== undefined && !isSafeColour(colour)
      ? [[`${at}.${index}.colour`, 'must be a colour, such as #20566b'] as [string, string]]
      : []),
  ]);
}

/** The problem of an address that an element leads to; an empty one leads nowhere yet. */
export function addressProblem(path: string, address: string | undefined): [string, string][] {
  return address && safeAddress(address) === null ? [[path, 'must be a web, mail or telephone address']] : [];
}
