import { compilePattern, placeOf } from '../behaviour/index.js';
import type { ChatAnswers } from './answers.js';

/** Who answers what: conversations with an answer, from pages, or both, go to one of the desk. */
export interface ChatRoute {
  /** What was chosen or entered before the conversation, upper and lower case alike; whatever it was where this is empty. */
  answer: string;
  /** A pattern of addresses; any where it is empty. */
  page: string;
  /** The e-mail address of whoever answers. */
  to: string;
}

/**
 * To whom a conversation goes that begins like this, by the order of the routes. One that asks for nothing is none.
 *
 * @param begun what was asked and answered before, and the address of the page
 * @returns e-mail addresses in lower case
 */
export function routedTo(
  routes: readonly ChatRoute[],
  { answers, page }: { answers: ChatAnswers; page: string },
): string[] {
  const said = new Set(answers.map(({ value }) => value.trim().toLowerCase()));
  const place = placeOf(page);
  return routes.flatMap(({ answer, page: pattern, to }) => {
    const [wanted, address] = [answer.trim().toLowerCase(), to.trim().toLowerCase()];
    if (address === '' || (wanted === '' && pattern.trim() === '')) return [];
    const isMet =
      (wanted === '' || said.has(wanted)) && (pattern.trim() === '' || compilePattern(pattern)(place));
    return isMet ? [address] : [];
  });
}
