/** What is known of how a form was filled in, beside its answers. */
export interface FilledBy {
  /** What stands in the field that people do not see. */
  trap: string;
  /** From the form being there until it was sent, ms; `null` where the page did not say. */
  took: number | null;
  /** Whether the page did the work that is asked for. */
  worked: boolean;
}

/** Why a submission looks like spam. */
export const spamReasons = {
  trap: 'A field that visitors can’t see was filled in',
  fast: 'It was filled in faster than anybody types',
  blind: 'It was not sent by a page that showed the form',
  work: 'It was sent without the work that pages do for a form',
  links: 'It holds many links',
  markup: 'It holds links written as markup',
  same: 'Several fields hold the same text',
  words: 'It holds words that the site does not want',
} as const;

export type SpamReason = keyof typeof spamReasons;

/** How much each reason weighs; what comes to {@link heldFrom} is held back. */
const weights: Readonly<Record<SpamReason, number>> = {
  trap: 10,
  // Not enough by itself: a browser fills in a whole form at one press.
  fast: 4,
  blind: 3,
  // A page of before, or one that can't.
  work: 2,
  links: 4,
  markup: 6,
  same: 4,
  // What the site says itself is enough.
  words: 6,
};
const heldFrom = 6;

/** Hardly anybody fills in a form in less, ms. */
const fastest = 700;
const manyLinks = 3;
/** Shorter texts are the same by chance, such as "no". */
const tellingLength = 6;

const link = /\b(?:https?:\/\/|www\.)\S/gi;
// Bounded, so that a text of nothing but openings is no work (64 kB at most).
const markup = /\[url[=\]]|<a\s[^>]{0,200}href/i;

/**
 * Looks for signs of a program in a submission. One sign that people can have too does not suffice.
 *
 * @param values what was entered, by field name
 * @param unwanted words and phrases that the site does not want, in small letters
 * @returns why it is held back; none where it is not
 */
export function spamSigns(
  values: Readonly<Record<string, string>>,
  { trap, took, worked }: FilledBy,
  unwanted: readonly string[] = [],
): SpamReason[] {
  const texts = Object.values(values);
  const links = texts.reduce((sum, text) => sum + (text.match(link)?.length ?? 0), 0);
  const telling = texts
    .map((text) => text.trim().toLowerCase())
    .filter((text) => text.length >= tellingLength);
  const signs: readonly (readonly [SpamReason, boolean])[] = [
    ['trap', trap.trim() !== ''],
    ['fast', took !== null && took < fastest],
    ['blind', took === null],
    ['work', !worked],
    ['links', links >= manyLinks],
    ['markup', texts.some((text) => markup.test(text))],
    ['same', new Set(telling).size < telling.length],
    ['words', unwanted.some((words) => texts.some((text) => holdsWords(text.toLowerCase(), words)))],
  ];
  const found = signs.flatMap(([reason, isSo]) => (isSo ? [reason] : []));
  const score = found.reduce((sum, reason) => sum + weights[reason], 0);
  return score >= heldFrom ? found : [];
}

const letter = /[\p{L}\p{N}]/u;

/** Whether a text holds words as they stand, not as a part of others. */
function holdsWords(text: string, words: string): boolean {
  for (let at = text.indexOf(words); at >= 0; at = text.indexOf(words, at + 1)) {
    const [before, after] = [text.charAt(at - 1), text.charAt(at + words.length)];
    if (!letter.test(before) && !letter.test(after)) return true;
  }
  return false;
}
