/** Words of one search that are looked for; more are left aside. */
const mostWords = 8;

/** What can be found. */
export const searchKinds = ['person', 'submission', 'conversation', 'note', 'lead', 'invoice'] as const;
export type SearchKind = (typeof searchKinds)[number];

/** Entries of one moment that have numbers of their own in the index; the number of an entry tells its moment. */
export const entriesPerMs = 4096;

/**
 * Whole words, or longer ones too that begin so. All that begins alike is gathered before the first is found (0.4 s of a million
 * entries), where a whole word is read from its newest entry on: so whole words are asked for first.
 */
export type Reach = 'whole' | 'beginning';

/**
 * What finds the entries of a kind that hold every word, in the syntax of FTS5 (https://sqlite.org/fts5.html, 3). Marks are no words:
 * what has neither letter nor digit is left aside.
 *
 * @returns `null` where there is no word to look for
 */
export function matchOf(siteId: string, kind: SearchKind, words: string, reach: Reach): string | null {
  const wanted = words
    .split(/\s+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word))
    .slice(0, mostWords);
  if (wanted.length === 0) return null;
  const each = wanted.map((word) => quoted(word) + (reach === 'beginning' ? ' *' : '')).join(' AND ');
  return `scope : ${quoted(`${siteId} ${kind}`)} AND {title text} : (${each})`;
}

const quoted = (text: string): string => `"${text.replaceAll('\0', '').replaceAll('"', '""')}"`;
