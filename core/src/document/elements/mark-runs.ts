import { plainText, sameMarks, type Run } from './rich-text.js';

/** What is done to a passage: a mark put on or taken off, a colour or a link given or taken away. */
export type Marking =
  | { mark: 'bold' | 'italic' | 'underline' | 'highlight' }
  | { colour: string | null }
  | { link: string | null };

/** The runs of a passage alone. Places count characters of the text; a line break is one. */
export function runsIn(runs: readonly Run[], start: number, end: number): Run[] {
  let at = 0;
  return runs.flatMap((run) => {
    const from = at;
    at += run.text.length;
    const text = run.text.slice(Math.max(0, start - from), Math.max(0, end - from));
    return text === '' ? [] : [{ ...run, text }];
  });
}

/** Runs that stand next to each other and have the same marks made one. */
function joined(runs: readonly Run[]): Run[] {
  const made: Run[] = [];
  for (const run of runs) {
    const last = made.at(-1);
    if (last && sameMarks(last, run)) made[made.length - 1] = { ...last, text: last.text + run.text };
    else made.push(run);
  }
  return made;
}

function marked(run: Run, marking: Marking, on: boolean): Run {
  if ('mark' in marking) {
    const { [marking.mark]: _, ...rest } = run;
    return on ? { ...rest, [marking.mark]: true } : rest;
  }
  if ('colour' in marking) {
    const { colour: _, ...rest } = run;
    return marking.colour === null ? rest : { ...rest, colour: marking.colour };
  }
  const { link: _, ...rest } = run;
  return marking.link === null ? rest : { ...rest, link: marking.link };
}

/**
 * Marks a passage. A mark that all of it has already is taken off.
 *
 * @example markRuns([{ text: 'Clear skies' }], 0, 5, { mark: 'bold' }) // Clear in bold
 */
export function markRuns(runs: readonly Run[], start: number, end: number, marking: Marking): Run[] {
  const inside = runsIn(runs, start, end);
  const on = 'mark' in marking && !inside.every((run) => run[marking.mark]);
  const length = plainText(runs).length;
  return joined([
    ...runsIn(runs, 0, start),
    ...inside.map((run) => marked(run, marking, on)),
    ...runsIn(runs, end, length),
  ]);
}

/**
 * Runs with another text: what stands before and behind the change keeps its marks, and what is new takes those of what it
 * follows, or at the start of what it stands before.
 */
export function withText(runs: readonly Run[], text: string): Run[] {
  const before = plainText(runs);
  const most = Math.min(before.length, text.length);
  let head = 0;
  while (head < most && before[head] === text[head]) head++;
  let tail = 0;
  while (tail < most - head && before[before.length - 1 - tail] === text[text.length - 1 - tail]) tail++;
  const added = text.slice(head, text.length - tail);
  const [model] = runsIn(runs, Math.max(0, head - 1), Math.max(1, head));
  // A link ends where it ended: what is written behind it is no part of it.
  const { link, ...marks } = model ?? { text: '' };
  const inLink = link !== undefined && runsIn(runs, head, head + 1)[0]?.link === link;
  return joined([
    ...runsIn(runs, 0, head),
    ...(added ? [{ ...marks, ...(inLink && { link }), text: added }] : []),
    ...runsIn(runs, before.length - tail, before.length),
  ]);
}
